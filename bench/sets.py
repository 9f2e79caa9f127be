#!/usr/bin/env python3
"""Sets that the evaluation kit does not have.

    sets.py KIT JAVA...

KIT is the folder of the evaluation kit; JAVA... starts Java with the application's classes. The
sets: the installation guide and the reference of Debian in seven languages, with their headings
stripped, as text and as captions; documents of the kit dealt out into three overlapping sources;
the rules of labels and the strength of passages on all of them.
"""
import json
import os
import statistics
import subprocess
import sys
import tempfile

KIT, JAVA = sys.argv[1], sys.argv[2:]
sys.path.insert(0, KIT)
import corpora  # noqa: E402
import score  # noqa: E402

LANGUAGES = "en de fr es it pt nl".split()
DISTIL, CHECK = "org.pergamena.cli.DistilCommand", "org.pergamena.cli.CheckCommand"


def documents():
    guide, reference = "doc/installation-guide-amd64/", "doc/debian-reference-common/docs/"
    for lang in LANGUAGES:
        for chapter in ("ch03", "ch06", "apb"):
            yield f"{lang}-guide-{chapter}", f"{guide}{lang}/{chapter}.html"
        for chapter in ("01", "09", "10"):
            yield f"{lang}-reference-{chapter}", f"{reference}ch{chapter}.{lang}.html"


def java(main, *files):
    return subprocess.run(JAVA + [main, *files], check=True, capture_output=True, text=True).stdout


def mean(rows):
    return " ".join("%8.3f" % statistics.mean(column) for column in zip(*rows))


def languages(folder):
    kept = [d for d in documents() if os.path.exists("/usr/share/" + d[1])]
    corpora.DOCS = [dict(name=n, package="", split="dev", kind="docbook", files=[f])
                    for n, f in kept]
    sys.argv = ["corpora", folder]
    stdout, sys.stdout = sys.stdout, open(os.devnull, "w")
    corpora.main()
    sys.stdout = stdout
    print("language variant documents   B3-1     B3-2      Pk    jac-1    labF1     soft")
    for variant, ending in (("B", "txt"), ("C", "vtt")):
        for lang in LANGUAGES:
            rows = []
            for name, _ in kept:
                path = f"{folder}/{name}.{variant}.{ending}"
                if name.startswith(lang) and os.path.exists(path):
                    truth = json.load(open(f"{folder}/{name}.truth.json"))
                    r = score.score(truth, json.loads(java(DISTIL, "--json", path)), variant)
                    rows.append((r["grouping"]["b3f_1"], r["grouping"]["b3f_2"],
                                 r["boundaries"]["pk"], r["labels"]["jaccard_1"],
                                 r["labels"]["f1"], r["labels"]["soft"]))
            if rows:
                print(f"{lang:8} {variant:7} {len(rows):9}", mean(rows))


def dealt(folder, name):
    """The paragraphs of a document's sections dealt out into three files, with their sections."""
    truth = json.load(open(f"{folder}/{name}.truth.json"))
    words = truth["body"].split()
    files, owners = [[], [], []], [[], [], []]
    mains = [s for s in truth["sections"] if s["level"] == 1]
    turn = 0
    for number, section in enumerate(mains):
        for start in range(section["start_word"], section["end_word"], 120):
            piece = words[start:min(start + 120, section["end_word"])]
            files[turn % 3].append(" ".join(piece) + ".")
            owners[turn % 3].append((number, len(piece)))
            turn += 1
    return files, owners


def overlapping(folder):
    print("\noverlapping sources: B-cubed of main branches, share of main branches with all three")
    for name in ("devref-practices", "policy-source", "money-basics", "debian-history"):
        files, owners = dealt(folder, name)
        paths = []
        for i, paragraphs in enumerate(files):
            paths.append(f"{folder}/{name}-{i}.txt")
            open(paths[-1], "w").write("\n\n".join(paragraphs))
        m = json.loads(java(DISTIL, "--json", *paths))
        parents = {t["id"]: t.get("parent") for t in m["topics"]}
        root = next(t for t, p in parents.items() if p is None)

        def main_of(topic):
            while parents[topic] not in (None, root):
                topic = parents[topic]
            return topic
        found, true, spread = [], [], {}
        for s, source in enumerate(m["sources"]):
            at = 0
            for (owner, size), paragraph in zip(owners[s], files[s]):
                middle = at + len(paragraph) // 2
                at += len(paragraph) + 2
                home = None
                for t in m["topics"]:
                    for e in t["extent"]:
                        if e["source"] == source["id"] and e["start"] <= middle < e["end"]:
                            home = main_of(t["id"])
                            spread.setdefault(home, set()).add(s)
                found += [home] * size
                true += [owner] * size
        shared = sum(len(s) == 3 for s in spread.values()) / len(spread)
        print(f"{name:20} {score.bcubed(found, true)[2]:.3f} {shared:.2f}")


def checks(folder):
    print("\nlabels and strengths")
    for path in sorted(os.listdir(folder)):
        if path.endswith((".B.txt", ".C.vtt")) and path.startswith(("devref", "money", "de-", "fr-")):
            print(f"{path:28}", java(CHECK, f"{folder}/{path}").strip())


with tempfile.TemporaryDirectory() as kit, tempfile.TemporaryDirectory() as other:
    subprocess.run([sys.executable, KIT + "/corpora.py", kit], check=True,
                   stdout=subprocess.DEVNULL)
    languages(other)
    overlapping(kit)
    checks(kit)
    checks(other)

#!/usr/bin/env python3
"""Measures reading on documents of Debian's packages: speed, and words in the right order.

    ./pergamena bench reading

needs poppler-utils, libreoffice-writer, libreoffice-impress and the documents' packages
(developers-reference debian-policy debian-history gnucash-docs nettle-dev zlib1g-dev).
The plain extraction is pdftotext for PDF, and for the others all the text between the tags.
"""
import gzip, html, os, re, shutil, subprocess, sys, tempfile, time, zipfile
from pathlib import Path

READ = sys.argv[1:]  # the command that reads a file
DOC = Path("/usr/share/doc")
work = Path(tempfile.mkdtemp())


def unpacked(path):
    out = work / path.name.removesuffix(".gz")
    out.write_bytes(gzip.open(path).read() if path.suffix == ".gz" else path.read_bytes())
    return out


def converted(path, kind, infilter=None):
    command = ["soffice", "--headless", "--convert-to", kind, "--outdir", str(work)]
    command += [f"--infilter={infilter}"] if infilter else []
    subprocess.run(command + [str(path)], check=True, capture_output=True)
    return work / (path.stem + "." + kind.split(":")[0])


def tags_away(markup):
    body = re.sub(r"(?s)<(script|style|head)\b.*?</\1>", " ", markup)
    body = re.sub(r"</?(p|div|li|tr|td|th|h\d|br|text:p|text:h|w:p|a:p)\b[^>]*>", " ", body)
    return html.unescape(re.sub(r"<[^>]*>", "", body))


def plain(path):
    if path.suffix == ".pdf":
        return subprocess.run(["pdftotext", path, "-"], capture_output=True, text=True).stdout
    if path.suffix in (".docx", ".odt", ".epub", ".pptx", ".odp"):
        wanted = {
            ".docx": r"word/document\.xml|word/footnotes\.xml",
            ".odt": r"content\.xml",
            ".odp": r"content\.xml",
            ".pptx": r"ppt/slides/slide\d+\.xml",
            ".epub": r".*\.x?html",
        }[path.suffix]
        with zipfile.ZipFile(path) as archive:
            names = sorted((n for n in archive.namelist() if re.fullmatch(wanted, n)), key=number)
            package = [n for n in archive.namelist() if n.endswith(".opf")]
            if package:
                names = spine(package[0], archive.read(package[0]).decode())
            return " ".join(tags_away(archive.read(n).decode()) for n in names)
    text = path.read_text(errors="replace")
    return tags_away(text) if path.suffix == ".html" else text


def number(name):
    return [int(n) for n in re.findall(r"\d+", name)]


def spine(package, opf):
    """The files of an e-book in the order in which they are read."""
    hrefs = {}
    for item in re.findall(r"<item\b[^>]*>", opf):
        hrefs[re.search(r'\bid="([^"]*)"', item)[1]] = re.search(r'href="([^"]*)"', item)[1]
    refs = re.findall(r'<itemref[^>]*idref="([^"]*)"', opf)
    return [os.path.join(os.path.dirname(package), hrefs[ref]) for ref in refs]


def words(text):
    text = re.sub(r"[-\u00ad\u2010]\n\s*", "", text)
    text = text.replace("\ufb01", "fi").replace("\ufb02", "fl").replace("\ufb00", "ff")
    return re.findall(r"\w+", text.lower())


def in_order(mine, other):
    """Share of the words read that stand in the same order in the plain extraction."""
    one, two = work / "one", work / "two"
    one.write_text("\n".join(mine) + "\n")
    two.write_text("\n".join(other) + "\n")
    diff = subprocess.run(["diff", "--speed-large-files", one, two], capture_output=True, text=True)
    lost = sum(1 for line in diff.stdout.splitlines() if line.startswith("<"))
    return 1 - lost / max(1, len(mine))


def measure(kind, path):
    done = subprocess.run(READ + ["--times", "10", str(path)], capture_output=True, text=True)
    told = done.stderr.strip().splitlines()
    found = re.search(r"([\d,]+) words, ([\d,]+) pages, ([\d,]+) headings.*?([\d.]+) s, ([\d,]+)", done.stderr)
    if not found:
        print(f"| {kind} | {path.name} | {told[-1] if told else 'nothing'} |")
        return
    count, pages, headings, seconds, speed = found.groups()
    mine, other = words(done.stdout), words(plain(path))
    ratio = ""
    if path.suffix == ".pdf":
        best = min(timed(["pdftotext", str(path), "/dev/null"]) for _ in range(5))
        ratio = f"{best / float(seconds):.2f}"
    kept = len(mine) / max(1, len(other))
    print(
        f"| {kind} | {path.name} | {count} | {headings} | {speed} | {in_order(mine, other):.3f}"
        f" | {kept:.2f} | {ratio} |",
        flush=True,
    )


def timed(command):
    start = time.perf_counter()
    subprocess.run(command, capture_output=True)
    return time.perf_counter() - start


policy = unpacked(DOC / "debian-policy/policy.txt.gz")
history = unpacked(DOC / "debian-history/docs/detailed.en.html")
files = [
    ("PDF", unpacked(Path("/usr/share/developers-reference/developers-reference.pdf"))),
    ("PDF, long", unpacked(DOC / "gnucash-docs/gnucash-guide-en.pdf.gz")),
    ("PDF, by TeX", unpacked(DOC / "nettle-dev/nettle.pdf.gz")),
    ("PDF", unpacked(DOC / "debian-policy/policy.pdf.gz")),
    ("PDF, a standard", unpacked(DOC / "debian-policy/fhs/fhs-3.0.pdf.gz")),
    ("PDF, mathematics", unpacked(DOC / "zlib1g-dev/crc-doc.1.0.pdf.gz")),
    ("DOCX", converted(history, "docx:MS Word 2007 XML", "HTML (StarWriter)")),
    ("ODT", converted(history, "odt:writer8", "HTML (StarWriter)")),
    ("EPUB", unpacked(DOC / "debian-policy/policy.epub")),
    ("HTML", history),
    ("plain text", policy),
    ("CSV", unpacked(Path("/usr/share/distro-info/debian.csv"))),
]
slides = Path("/usr/lib/libreoffice/share/template/en-US/presnt/debian-presentation.otp")
if slides.exists():
    files += [("PPTX", converted(slides, "pptx")), ("ODP", converted(slides, "odp"))]
print("| kind | file | words | headings | words/s | in order | kept | pdftotext's time : ours |")
print("|---|---|---|---|---|---|---|---|")
try:
    for kind, path in files:
        measure(kind, path)
finally:
    shutil.rmtree(work)

#!/usr/bin/env python3
"""Tells what the names are made of that careful readers wrote for stretches of text.

    made_of.py LABELS [WORDNET]

LABELS is the folder of the ratings (rated/groups.json, rated/rated.jsonl); WORDNET that of its data
files, as Debian's package wordnet-base has them. For each name: do its words stand in one sentence
of the stretch, in several, is what is missing the noun of a verb that stands there, is it a more
general word for one that stands there, or neither.
"""
import collections
import json
import re
import sys

WORD = re.compile(r"[A-Za-z][A-Za-z'-]+")
SMALL = set(
    "of the and a an in to for on with by from at as or vs versus its their is are be under over"
    " between into through not no how what why when".split()
)
EVENTS = {"04", "09", "10", "11", "12", "21", "22", "26", "28"}  # files of acts, events, states
LEVELS_UP = 3
SENSES = 6


def words(text):
    return [word for word in WORD.findall(text) if word.lower() not in SMALL]


def stem(word):
    word = word.lower()
    for end in ("ing", "ies", "es", "ed", "s"):
        if word.endswith(end) and len(word) - len(end) >= 3:
            return word[: -len(end)]
    return word


def synsets(path):
    """Each set of synonyms by its place: its file, its words, its pointers."""
    found = {}
    with open(path) as lines:
        for line in lines:
            if line.startswith("  "):
                continue
            parts = line.split("|")[0].split()
            many = int(parts[3], 16)
            at = 4 + 2 * many
            pointers = [parts[at + 1 + 4 * i : at + 5 + 4 * i] for i in range(int(parts[at]))]
            found[parts[0]] = (parts[1], [w.lower() for w in parts[4:at:2]], pointers)
    return found


class WordNet:
    def __init__(self, folder):
        self.nouns = synsets(folder + "/data.noun")
        self.senses = collections.defaultdict(list)
        for place, (_, names, _) in self.nouns.items():
            for name in names:
                self.senses[name].append(place)
        self.verbs_of = collections.defaultdict(set)
        for _, names, pointers in synsets(folder + "/data.verb").values():
            for kind, to, part, ends in pointers:
                source, target = int(ends[:2], 16), int(ends[2:], 16)
                if kind == "+" and part == "n" and source and target and to in self.nouns:
                    where, called, _ = self.nouns[to]
                    if where in EVENTS:
                        self.verbs_of[called[target - 1]].add(names[source - 1])
        self.known = {}

    def above(self, word):
        """More general words for one, some levels up."""
        if word not in self.known:
            here, found = set(self.senses[word][:SENSES]), set()
            for _ in range(LEVELS_UP):
                here = {
                    to for o in here for kind, to, _, _ in self.nouns[o][2] if kind in ("@", "@i")
                }
                for place in here:
                    found.update(self.nouns[place][1])
            self.known[word] = found
        return self.known[word]


def kind(label, text, net):
    """What a name is made of, given its stretch."""
    wanted = words(label)
    there = {stem(word) for word in words(text)}
    missing = [word.lower() for word in wanted if stem(word) not in there]
    if not missing:
        sentences = re.split(r"(?<=[.!?])\s+", text)
        need = {stem(word) for word in wanted}
        one = any(need <= {stem(word) for word in words(each)} for each in sentences)
        return "one sentence" if one else "several sentences"
    if all(any(stem(v) in there or v in there for v in net.verbs_of[w]) for w in missing):
        return "noun of a verb"
    general = set()
    for word in {each.lower() for each in words(text)}:
        general |= net.above(word if word in net.senses else word.removesuffix("s"))
    if all(word in general or word.removesuffix("s") in general for word in missing):
        return "more general"
    return "other words"


def main(folder, wordnet="/usr/share/wordnet"):
    net = WordNet(wordnet)
    stretches = {}
    with open(folder + "/rated/groups.json") as file:
        for document in json.load(file):
            for group in document["groups"]:
                text = " ".join(document["text"][a:b] for a, b in group["extent"])
                stretches[group["id"]] = (text, group["level"])
    labels, by_stretch = collections.Counter(), {}
    with open(folder + "/rated/rated.jsonl") as lines:
        for line in lines:
            rated = json.loads(line)
            text, level = stretches[rated["id"]]
            kinds = [kind(label, text, net) for label in rated["labels"]]
            labels.update(kinds)
            by_stretch[rated["id"]] = (level, set(kinds))
    print("names", sum(labels.values()), dict(labels.most_common()))
    for level in sorted({level for level, _ in by_stretch.values()}):
        here = [kinds for at, kinds in by_stretch.values() if at == level]
        first = collections.Counter()
        for kinds in here:
            for each in ("one sentence", "several sentences", "noun of a verb", "more general"):
                if each in kinds:
                    first[each] += 1
                    break
            else:
                first["other words"] += 1
        print("level", level, "stretches", len(here), "have at best a name of", dict(first))


if __name__ == "__main__":
    main(*sys.argv[1:])

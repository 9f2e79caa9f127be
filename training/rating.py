#!/usr/bin/env python3
"""Fits what rates labels (core, distil.label.Rating) to labels that careful readers rated 1 to 5.

    training/rating.py DATA [--facts FILE]

DATA is a folder with rated/groups.json, rated/rated.jsonl and expected.py, as docs/quality.md tells.
Facts come from `./pergamena label --facts DATA/rated/groups.json`, or from a file with what it printed.
Prints what readers would give the chosen labels with whole texts left out in turn, and writes the
weights that the application reads. Ridge regression in closed form: the same result each time.
Needs Debian's python3-numpy.
"""
import argparse
import json
import os
import subprocess
import sys

import numpy as np

HERE = os.path.dirname(os.path.abspath(__file__))
WEIGHTS = os.path.join(HERE, "../core/src/main/resources/org/pergamena/core/distil/label/rating.txt")
CHOSEN = 10  # candidates that the application rates
FOLDS = 6
RIDGE = 300.0
GUESSED = 0.3  # what a label counts whose rating is told from those like it


def load(data, lines):
    sys.path.insert(0, data)
    from expected import estimate, norm

    rated = {r["id"]: r for r in map(json.loads, open(os.path.join(data, "rated/rated.jsonl")))}
    docs = json.load(open(os.path.join(data, "rated/groups.json")))
    text = {g["id"]: d["document"] for d in docs for g in d["groups"]}
    facts, ratings, sure, texts, groups, ranks = [], [], [], [], [], []
    for group in map(json.loads, lines):
        r = rated[group["id"]]
        known = list(zip(r["candidates"], r["ratings"])) + [(x, 5.0) for x in r["labels"]]
        exact = {norm(c) for c in r["candidates"]}
        for rank, label in enumerate(group["labels"]):
            facts.append(label["facts"])
            ratings.append(estimate(label["label"], known)[0])
            sure.append(norm(label["label"]) in exact)
            texts.append(text[group["id"]])
            groups.append(group["id"])
            ranks.append(rank)
    return [np.array(x) for x in (facts, ratings, sure, texts, groups, ranks)]


def fit(facts, ratings, weight):
    """The base and a weight for each fact."""
    mean, spread = facts.mean(0), facts.std(0) + 1e-6
    scaled = np.column_stack([np.ones(len(facts)), (facts - mean) / spread])
    penalty = RIDGE * np.eye(scaled.shape[1])
    penalty[0, 0] = 0
    solved = np.linalg.solve(scaled.T * weight @ scaled + penalty, scaled.T @ (weight * ratings))
    return np.concatenate([[solved[0] - (solved[1:] * mean / spread).sum()], solved[1:] / spread])


def told(weights, facts):
    return weights[0] + facts @ weights[1:]


def report(name, score, ratings, groups, some):
    best, five = [], []
    for group in dict.fromkeys(groups):
        at = np.where((groups == group) & some)[0]
        order = at[np.argsort(-score[at], kind="stable")]
        best.append(ratings[order[0]])
        five.append(ratings[order[:5]].max())
    best = np.array(best)
    print(f"{name:24} first {best.mean():.3f}  >=3.5 {(best >= 3.5).mean():.2f}  "
          f"<=2 {(best <= 2).mean():.2f}  best of five {np.mean(five):.2f}")


def main():
    p = argparse.ArgumentParser()
    p.add_argument("data")
    p.add_argument("--facts")
    a = p.parse_args()
    groups_file = os.path.join(a.data, "rated/groups.json")
    if a.facts:
        lines = open(a.facts).read().splitlines()
    else:
        program = [os.path.join(HERE, "../pergamena"), "label", "--facts", groups_file]
        lines = subprocess.run(program, check=True, capture_output=True, text=True).stdout.splitlines()
    facts, ratings, sure, texts, groups, ranks = load(a.data, lines)
    weight = np.where(sure, 1, GUESSED)
    some = ranks < CHOSEN
    print(f"{len(facts)} labels, {sure.sum()} of them rated, {len(set(groups))} stretches of {len(set(texts))} texts")
    report("first by plain facts", -ranks, ratings, groups, some)
    names = sorted(set(texts))
    fold = np.array([names.index(t) % FOLDS for t in texts])
    left_out = np.zeros(len(facts))
    for k in range(FOLDS):
        left_out[fold == k] = told(fit(facts[fold != k], ratings[fold != k], weight[fold != k]), facts[fold == k])
    report("texts left out", left_out, ratings, groups, some)
    weights = fit(facts, ratings, weight)
    report("all fitted", told(weights, facts), ratings, groups, some)
    report("the best that is there", ratings, ratings, groups, some)
    with open(WEIGHTS, "w") as out:
        out.writelines(f"{x:.6g}\n" for x in weights)


if __name__ == "__main__":
    main()

"""Solves beams with hinges, springs and moved supports by dense finite elements in NumPy: JSON in, JSON out.

A node at every place that matters and a rotation on either side of each; the joints are made by penalty-free
constraints (Lagrange multipliers). Down and clockwise are positive.
"""
import json
import sys

import numpy as np


def solve(given):
    ei = given["EI"]
    places = {0.0, given["length"], *given["hinges"], *given["points"]}
    places |= {s["x"] for s in given["supports"]}
    places |= {x for x, _ in given["forces"]} | {x for x, _ in given["moments"]}
    places |= {x for a, b, _, _ in given["lines"] for x in (a, b)}
    xs = sorted(places)
    n = len(xs)
    # Three unknowns a node: deflection, rotation on its left, rotation on its right.
    K, f = np.zeros((3 * n, 3 * n)), np.zeros(3 * n)
    stiff = []
    for e in range(n - 1):
        l = xs[e + 1] - xs[e]
        k = ei / l**3 * np.array([[12, 6*l, -12, 6*l], [6*l, 4*l*l, -6*l, 2*l*l], [-12, -6*l, 12, -6*l], [6*l, 2*l*l, -6*l, 4*l*l]])
        index = [3 * e, 3 * e + 2, 3 * e + 3, 3 * e + 4]
        p = np.zeros(4)
        for a, b, start, end in given["lines"]:
            if a <= xs[e] and xs[e + 1] <= b:
                at = lambda x: start + (end - start) * (x - a) / (b - a)
                qa, qb = at(xs[e]), at(xs[e + 1])
                p += l / 60 * np.array([21*qa + 9*qb, l * (3*qa + 2*qb), 9*qa + 21*qb, -l * (2*qa + 3*qb)])
        K[np.ix_(index, index)] += k
        f[index] += p
        stiff.append((index, k, p))
    for x, force in given["forces"]:
        f[3 * xs.index(x)] += force
    for x, moment in given["moments"]:
        node = xs.index(x)
        f[3 * node + (2 if node < n - 1 else 1)] += moment
    rows, values = [], []

    def hold(*terms, value=0.0):
        row = np.zeros(3 * n)
        for i, c in terms:
            row[i] += c
        rows.append(row)
        values.append(value)

    for i, x in enumerate(xs):
        if x not in given["hinges"]:
            hold((3 * i + 1, 1), (3 * i + 2, -1))
    # The rotation on the outer side of an end belongs to no element and follows the inner one.
    for s in given["supports"]:
        i = xs.index(s["x"])
        for unknown, spring, moved in ((3 * i, s["vertical"], s["settlement"]), (3 * i + 1, s["rotation"], s["turned"])):
            if spring == "rigid":
                hold((unknown, 1), value=moved)
            elif spring > 0:
                K[unknown, unknown] += spring
                f[unknown] += spring * moved
    C = np.array(rows)
    m = len(rows)
    u = np.linalg.solve(np.block([[K, C.T], [C, np.zeros((m, m))]]), np.concatenate([f, values]))[: 3 * n]
    ends = [k @ u[index] - p for index, k, p in stiff]
    moment = lambda x: ends[xs.index(x)][1]
    return {"deflections": [u[3 * xs.index(x)] for x in given["points"]], "moments": [moment(x) for x in given["points"]]}


json.dump([solve(g) for g in json.load(sys.stdin)], sys.stdout)

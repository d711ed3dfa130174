"""Second order of straight beams by many Hermite elements with their geometric stiffness (NumPy): JSON in, JSON out.

Textbook matrices (e.g. McGuire, Gallagher, Ziemian, "Matrix Structural Analysis", 9.1); converges with the fourth
power of the size of the elements. Answers with the factor on the axial force at which the beam buckles and the
deflection of second order at the points asked for.
"""
import json
import sys

import numpy as np

PIECES = 160  # along the whole member, at least

answers = []
for given in json.load(sys.stdin):
    marks = {0.0, given["length"], *given["points"], *given["hinges"], *(s["x"] for s in given["supports"])}
    for a, b, *_ in given["lines"] + given["steps"] + given["axial"]:
        marks |= {a, b}
    marks = sorted(marks)
    mesh = [marks[0]]
    for a, b in zip(marks, marks[1:]):
        pieces = int(np.ceil((b - a) / given["length"] * PIECES))
        mesh += [a + (b - a) * i / pieces for i in range(1, pieces + 1)]
    mesh = np.array(mesh)
    count, dofs = 0, []
    for x in mesh:
        hinge = any(abs(x - h) < 1e-9 for h in given["hinges"])
        dofs.append((count, count + 1, count + 2 if hinge else count + 1))
        count += 3 if hinge else 2
    K, G, f = np.zeros((count, count)), np.zeros((count, count)), np.zeros(count)
    for e, (a, b) in enumerate(zip(mesh, mesh[1:])):
        l, middle = b - a, (a + b) / 2
        EI = next((ei for s, t, ei in given["steps"] if s <= middle <= t), given["EI"])
        of = [dofs[e][0], dofs[e][2], dofs[e + 1][0], dofs[e + 1][1]]
        k = EI / l**3 * np.array([[12, 6 * l, -12, 6 * l], [6 * l, 4 * l * l, -6 * l, 2 * l * l], [-12, -6 * l, 12, -6 * l], [6 * l, 2 * l * l, -6 * l, 4 * l * l]])
        K[np.ix_(of, of)] += k
        # Five Gauss points integrate an axial force that varies along the element.
        for point, weight in zip(*np.polynomial.legendre.leggauss(5)):
            s = (1 + point) / 2
            x = a + s * l
            shape = np.array([1 - 3 * s**2 + 2 * s**3, l * s * (1 - s) ** 2, 3 * s**2 - 2 * s**3, l * (s**3 - s**2)])
            slope = np.array([6 * (s**2 - s) / l, 1 - 4 * s + 3 * s**2, 6 * (s - s**2) / l, 3 * s**2 - 2 * s])
            N = next(n0 + n1 * (x - t0) + n2 * (x - t0) ** 2 for t0, t1, n0, n1, n2 in given["axial"] if t0 <= x <= t1)
            G[np.ix_(of, of)] += N * np.outer(slope, slope) * weight * l / 2
            q = sum(qa + (qb - qa) * (x - t0) / (t1 - t0) for t0, t1, qa, qb in given["lines"] if t0 <= x <= t1)
            f[of] += q * shape * weight * l / 2
    held = []
    for s in given["supports"]:
        node = int(np.argmin(abs(mesh - s["x"])))
        if s["kind"] in ("pinned", "fixed"):
            held.append(dofs[node][0])
        if s["kind"] == "fixed":
            held.append(dofs[node][1])
        if s["kind"] == "spring":
            K[dofs[node][0], dofs[node][0]] += s["stiffness"]
    free = [i for i in range(count) if i not in held]
    K, G, f = K[np.ix_(free, free)], G[np.ix_(free, free)], f[free]
    # K u = λ G u, with K positive definite: the greatest eigenvalue of L⁻¹ G L⁻ᵀ is 1/λ.
    inverse = np.linalg.inv(np.linalg.cholesky(K))
    greatest = np.linalg.eigvalsh(inverse @ G @ inverse.T)[-1]
    u = np.zeros(count)
    u[free] = np.linalg.solve(K - G, f)
    answers.append({"factor": float(1 / greatest), "deflections": [float(u[dofs[int(np.argmin(abs(mesh - p)))][0]]) for p in given["points"]]})
json.dump(answers, sys.stdout)

"""Elastic buckling of open thin-walled sections by finite strips, dense (NumPy): JSON in, JSON out.

Textbook theory (Cheung, "Finite Strip Method in Structural Analysis"): simply supported half-waves, straight shapes in the
plane of a strip, cubic ones out of it; all eigenvalues are worked out at once.
Answers with the least positive factor for each length.
"""
import json
import sys

import numpy as np
NU = 0.3
GAUSS = [((1 + x) / 2, w / 2) for x, w in zip(*np.polynomial.legendre.leggauss(5))]


def strip(b, t, E, k, s1, s2):
    """Stiffness and geometric matrix of a strip over a half-wave, divided by L/2; unknowns u v w θ at both edges."""
    A, G = E * t / (1 - NU**2), E * t / (2 * (1 + NU))
    D = E * t**3 / (12 * (1 - NU**2))
    elastic = np.zeros((6, 6))
    elastic[:2, :2] = A * np.array([[1, NU], [NU, 1]])
    elastic[2, 2] = G
    elastic[3:5, 3:5] = D * np.array([[1, NU], [NU, 1]])
    elastic[5, 5] = D * (1 - NU) / 2
    K, Kg = np.zeros((8, 8)), np.zeros((8, 8))
    for r, weight in GAUSS:
        u, v, w = np.zeros((3, 8))
        du, dv, dw, ddw = np.zeros((4, 8))
        u[[0, 4]] = v[[1, 5]] = [1 - r, r]
        du[[0, 4]] = dv[[1, 5]] = [-1 / b, 1 / b]
        w[[2, 3, 6, 7]] = [1 - 3 * r**2 + 2 * r**3, b * r * (1 - r) ** 2, 3 * r**2 - 2 * r**3, b * r**2 * (r - 1)]
        dw[[2, 3, 6, 7]] = [(6 * r**2 - 6 * r) / b, (1 - r) * (1 - 3 * r), (6 * r - 6 * r**2) / b, r * (3 * r - 2)]
        ddw[[2, 3, 6, 7]] = [(12 * r - 6) / b**2, (6 * r - 4) / b, (6 - 12 * r) / b**2, (6 * r - 2) / b]
        # Strains across and along, in shear; curvatures likewise, twice the twist.
        B = np.array([du, -k * v, k * u + dv, -ddw, k**2 * w, -2 * k * dw])
        K += weight * b * B.T @ elastic @ B
        stress = (s1 + (s2 - s1) * r) * t * k**2
        Kg += weight * b * stress * sum(np.outer(f, f) for f in (u, v, w))
    return K, Kg


answers = []
for given in json.load(sys.stdin):
    points, t, E = given["points"], given["t"], given["E"]
    factors = []
    for length in given["lengths"]:
        k, n = np.pi / length, 4 * len(points)
        K, Kg = np.zeros((n, n)), np.zeros((n, n))
        for e, ((x, z), (x2, z2)) in enumerate(zip(points, points[1:])):
            b = np.hypot(x2 - x, z2 - z)
            c, s = (x2 - x) / b, (z2 - z) / b
            half = np.array([[c, 0, s, 0], [0, 1, 0, 0], [-s, 0, c, 0], [0, 0, 0, 1]])
            T = np.kron(np.eye(2), half)
            ke, kg = strip(b, t, E, k, given["stresses"][e], given["stresses"][e + 1])
            at = slice(4 * e, 4 * e + 8)
            K[at, at] += T.T @ ke @ T
            Kg[at, at] += T.T @ kg @ T
        values = np.linalg.eigvals(np.linalg.solve(K, Kg)).real
        factors.append(float(1 / values.max()))
    answers.append(factors)
json.dump(answers, sys.stdout)

"""Solves straight members with CalculiX, a general finite-element program: JSON in, JSON out.

Works in plumb coordinates (x to the right, z up) with two-node beam elements, so that a sloping member and a support
that holds it plumb are what they are there. Its elements shear with k E A / 2; where the member does not, k is so great
that it does not matter. Answers with the deflection normal to the axis at the points asked for.
"""
import json
import math
import os
import subprocess
import sys
import tempfile

LONGEST = 1.0  # of an element; exact without shear
FINE = 0.04  # with shear these elements converge with the square of their length
NODES = 4000  # numbers kept for each model
GAUSS = [(-math.sqrt(0.6), 5 / 9), (0.0, 8 / 9), (math.sqrt(0.6), 5 / 9)]

models = json.load(sys.stdin)
nodes, elements, sections, bounds, equations, springs, loads = [], [], [], [], [], [], []
number = 0
places = []


def unique(values):
    found = []
    for v in sorted(values):
        if not found or v - found[-1] > 1e-9:
            found.append(v)
    return found


for m, given in enumerate(models):
    base = m * NODES
    cos, sin = math.cos(given["angle"]), math.sin(given["angle"])
    if abs(cos) < 1e-12:
        cos = 0.0
    marks = [0.0, given["length"], *given["points"], *given["hinges"], *[s["x"] for s in given["supports"]]]
    marks += [x for x, _ in given["forces"] + given["moments"] + given["alongForces"]]
    for a, b, *_ in given["lines"] + given["alongLines"] + given["steps"]:
        marks += [a, b]
    marks = unique(marks)
    mesh = [marks[0]]
    for a, b in zip(marks, marks[1:]):
        pieces = math.ceil((b - a) / (FINE if given["GA"] else LONGEST))
        mesh += [a + (b - a) * i / pieces for i in range(1, pieces + 1)]
    first = {}  # node on the left of a place; right of a hinge there is another one
    right = {}
    for x in mesh:
        number_here = base + len(first) + len(right) + 1
        first[x] = right[x] = number_here
        nodes.append((number_here, x * cos, x * sin))
        first[x] = number_here
        if any(abs(x - h) < 1e-9 for h in given["hinges"]):
            right[x] = base + NODES // 2 + len(right)
            nodes.append((right[x], x * cos, x * sin))
            for dof in (1, 3):
                equations.append((first[x], dof, right[x], dof))
    near = lambda x: min(mesh, key=lambda y: abs(x - y))
    force = {}

    def put(node, along, down, moment):
        f = force.setdefault(node, [0.0, 0.0, 0.0])
        f[0] += along * cos + down * sin
        f[1] += along * sin - down * cos
        f[2] += moment

    for a, b in zip(mesh, mesh[1:]):
        number += 1
        EI, EA, inside = given["EI"], given["EA"], False
        for start, end, ei, ea in given["steps"]:
            if start <= a + 1e-9 and b <= end + 1e-9:
                EI, EA, inside = ei, ea, True
        elements.append((number, right[a], first[b]))
        shear = given["GA"] / (EA / 2) if given["GA"] and not inside else 1e4
        sections.append((number, EA, EI, -sin, cos, shear))
        l = b - a
        p = 12 * EI / (shear * EA / 2 * l**2)
        for start, end, qa, qb, kind in [(*q, "down") for q in given["lines"]] + [(*q, "along") for q in given["alongLines"]]:
            if start <= a + 1e-9 and b <= end + 1e-9:
                for place, weight in GAUSS:
                    s = (1 + place) / 2
                    q = (qa + (qb - qa) * (a + s * l - start) / (end - start)) * weight * l / 2
                    if kind == "along":
                        put(right[a], q * (1 - s), 0, 0)
                        put(first[b], q * s, 0, 0)
                    else:
                        put(right[a], 0, q * (1 + p * (1 - s) - 3 * s**2 + 2 * s**3) / (1 + p), q * l * (s * (1 - s) ** 2 + p / 2 * s * (1 - s)) / (1 + p))
                        put(first[b], 0, q * (p * s + 3 * s**2 - 2 * s**3) / (1 + p), q * l * (s**3 - s**2 - p / 2 * s * (1 - s)) / (1 + p))
    for x, value in given["forces"]:
        put(first[near(x)], 0, value, 0)
    for x, value in given["moments"]:
        put(right[near(x)], 0, 0, value)
    for x, value in given["alongForces"]:
        put(first[near(x)], value, 0, 0)
    for node, (fx, fz, moment) in force.items():
        # Clockwise seen with x to the right and z up is a positive turn about y.
        loads += [(node, 1, fx), (node, 3, fz), (node, 5, moment)]
    for n in {*first.values(), *right.values()}:
        bounds += [(n, 2, 0.0), (n, 4, 0.0), (n, 6, 0.0)]
    for s in given["supports"]:
        node = first[near(s["x"])]
        if s["kind"] in ("pinned", "fixed"):
            bounds += [(node, 1, 0.0), (node, 3, 0.0)]
        elif s["kind"] == "vertical":
            bounds.append((node, 3, 0.0))
        elif s["kind"] == "horizontal":
            bounds.append((node, 1, 0.0))
        elif s["kind"] == "normal":
            # Displacement normal to the axis is nothing: u_z cos = u_x sin.
            if cos:
                equations.append((node, 3, node, 1, cos, -sin))
            else:
                bounds.append((node, 1, 0.0))
        elif s["kind"] == "spring":  # level members only
            springs.append((node, 3, s["stiffness"]))
        if s["kind"] == "fixed":
            bounds.append((node, 5, 0.0))
    places.append([first[near(x)] for x in given["points"]])

out = ["*NODE,NSET=ALL"] + [f"{n},{x:.12g},0,{z:.12g}" for n, x, z in nodes]
out += ["*USER ELEMENT,TYPE=U1,NODES=2,INTEGRATION POINTS=2,MAXDOF=6", "*ELEMENT,TYPE=U1,ELSET=BEAMS"]
out += [f"{e},{a},{b}" for e, a, b in elements]
out += ["*MATERIAL,NAME=UNIT", "*ELASTIC", "1.,0."]
for e, EA, EI, nx, nz, shear in sections:
    out += [f"*ELSET,ELSET=E{e}", str(e), f"*BEAM SECTION,ELSET=E{e},SECTION=GENERAL,MATERIAL=UNIT", f"{EA:.12g},{EI:.12g},0.,{EI:.12g},{shear:.12g}", f"{nx:.12g},0.,{nz:.12g}"]
for i, (node, dof, stiffness) in enumerate(springs):
    out += [f"*ELEMENT,TYPE=SPRING1,ELSET=S{i}", f"{number + 1 + i},{node}", f"*SPRING,ELSET=S{i}", str(dof), f"{stiffness:.10f}"]
for a, i, b, j, *by in equations:
    p, q = by or (1.0, -1.0)
    out += ["*EQUATION", "2", f"{a},{i},{p:.12g},{b},{j},{q:.12g}"]
out += ["*STEP", "*STATIC", "*BOUNDARY"] + [f"{n},{d},{d},{v:.12g}" for n, d, v in bounds]
out += ["*CLOAD"] + [f"{n},{d},{v:.12g}" for n, d, v in loads if v]
out += ["*NODE PRINT,NSET=ALL", "U", "*END STEP", ""]
with tempfile.TemporaryDirectory() as folder:
    with open(os.path.join(folder, "members.inp"), "w") as file:
        file.write("\n".join(out))
    done = subprocess.run(["ccx", "members"], cwd=folder, capture_output=True, text=True)
    try:
        text = open(os.path.join(folder, "members.dat")).read()
    except FileNotFoundError:
        sys.exit(done.stdout[-2000:])
moved = {}
for line in text.splitlines():
    values = line.split()
    if len(values) == 7 and values[0].isdigit():
        moved[int(values[0])] = [float(v) for v in values[1:]]
results = []
for given, points in zip(models, places):
    cos, sin = math.cos(given["angle"]), math.sin(given["angle"])
    results.append([moved[n][0] * sin - moved[n][2] * cos for n in points])
json.dump(results, sys.stdout)

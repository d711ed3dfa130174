"""Solves beams with SymPy's beam module: JSON in, JSON out.

Downward loads are positive for both; a clockwise moment is negative there. Unit bending stiffness.
"""
import json
import sys

from sympy import Rational, Symbol
from sympy.physics.continuum_mechanics.beam import Beam

answers = []
for given in json.load(sys.stdin):
    exact = lambda v: Rational(str(v))
    beam = Beam(exact(given["length"]), 1, 1)
    unknowns, names = [], []
    for x, fixed in zip(given["supports"], given["fixed"]):
        at = exact(x)
        beam.apply_support(at, "fixed" if fixed else "pin")
        names.append(Symbol("R_" + str(at)))
        unknowns.append(names[-1])
        if fixed:
            unknowns.append(Symbol("M_" + str(at)))
    for x, force in given["forces"]:
        beam.apply_load(exact(force), exact(x), -1)
    for x, moment in given["moments"]:
        beam.apply_load(-exact(moment), exact(x), -2)
    for a, b, start, end in given["lines"]:
        a, b, start, end = map(exact, (a, b, start, end))
        if start != 0:
            beam.apply_load(start, a, 0, end=b)
        if end != start:
            beam.apply_load((end - start) / (b - a), a, 1, end=b)
    beam.solve_for_reaction_loads(*unknowns)
    moment, deflection = beam.bending_moment(), beam.deflection()
    x = beam.variable
    answers.append({
        "reactions": [-float(beam.reaction_loads[n]) for n in names],
        "moments": [float(moment.subs(x, exact(p))) for p in given["points"]],
        "deflections": [float(deflection.subs(x, exact(p))) for p in given["points"]],
    })
json.dump(answers, sys.stdout)

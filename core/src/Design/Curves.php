<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Polynomial;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Material\CurvePart;
use Waage\Material\Figure;
use Waage\Material\Situation;
use Waage\Units\Kind;

/**
 * The diagrams of a design as the result has them: envelopes, those of a combination, load case or weighing, and
 * those of the material.
 *
 * @phpstan-import-type Curve from Result
 */
final readonly class Curves
{
    public function __construct(private Design $design)
    {
    }

    /** @return array<string, array{max: Curve, min: Curve}> over all combinations */
    public function envelope(): array
    {
        return $this->curves($this->design->ultimate(), $this->design->characteristic());
    }

    /** @return array<string, array{max: Curve, min: Curve}>|null what is asked for beside the envelope */
    public function shown(Show $show): ?array
    {
        return match ($show->kind) {
            'combination' => $this->combinationCurves($show->id),
            'case' => $this->curvesOf($this->caseFactors($show->id)),
            'weighing' => $this->curvesOf($this->weighingFactors($show->id)),
            default => null,
        };
    }

    /** @return list<array<string, mixed>> diagrams of the material, and the limit of deflection */
    public function figures(): array
    {
        $figures = [...$this->design->checks->figures($this->design->make), ...$this->deflectionLimit()];

        return array_map($this->figure(...), $figures);
    }

    /**
     * @param  list<Combination>  $forForces
     * @param  list<Combination>  $forDeflection
     * @return array<string, array{max: Curve, min: Curve}>
     */
    private function curves(array $forForces, array $forDeflection): array
    {
        $checks = $this->design->envelopes;

        return [
            ...$checks->axial === null ? [] : ['N' => $this->pair($checks->axial, $forForces, 1.0)],
            'V' => $this->pair($checks->shear, $forForces, 1.0),
            'M' => $this->pair($checks->moment, $forForces, 1.0),
            'w' => $this->pair($checks->deflection, $forDeflection, 1 / $this->stiffness()),
            ...$checks->sideways === null
                ? []
                : [
                    'Vy' => $this->pair($checks->sideways->shear, $forForces, 1.0),
                    'Mz' => $this->pair($checks->sideways->moment, $forForces, 1.0),
                    'v' => $this->pair($checks->sideways->deflection, $forDeflection, 1 / $this->stiffnessSideways()),
                ],
            ...$checks->torque === null ? [] : ['T' => $this->pair($checks->torque, $forForces, 1.0)],
            ...$checks->sag === $checks->deflection
                ? []
                : ['sag' => $this->pair($checks->sag, $forDeflection, 1 / $this->stiffness())],
        ];
    }

    /** @return array<string, array{max: Curve, min: Curve}>|null */
    private function combinationCurves(string $id): ?array
    {
        $chosen = array_values(
            array_filter(
                $this->design->combinations,
                fn (Combination $c): bool => $c->id === $id && $c->purpose !== Purpose::Equilibrium,
            ),
        );

        return $chosen === [] ? null : $this->curves($chosen, $chosen);
    }

    /**
     * @param  array<int, float>  $factors  load set => factor
     * @return array<string, array{max: Curve, min: Curve}>|null
     */
    private function curvesOf(array $factors): ?array
    {
        if ($factors === []) {
            return null;
        }
        $beam = $this->design->beam;
        $curves = [];
        $effects = [
            ...$this->design->envelopes->axial === null ? [] : ['N' => Effect::Axial],
            'V' => Effect::Shear,
            'M' => Effect::Moment,
            'w' => Effect::Deflection,
        ];
        foreach (
            [
                [$beam, $effects, $this->stiffness()],
                ...$beam->sideways === null
                    ? []
                    : [
                        [
                            $beam->sideways,
                            ['Vy' => Effect::Shear, 'Mz' => Effect::Moment, 'v' => Effect::Deflection],
                            $this->stiffnessSideways(),
                        ],
                    ],
                ...$beam->twisting === null ? [] : [[$beam->twisting, ['T' => Effect::Axial], 1.0]],
            ] as [$of, $shown, $stiffness]
        ) {
            $responses = $of->responses;
            foreach ($shown as $name => $effect) {
                $scale = $effect === Effect::Deflection ? 1 / $stiffness : 1.0;
                $curve = [];
                for ($k = 0; $k < $responses->segments(); $k++) {
                    $curve[] = [
                        $responses->breaks[$k],
                        $responses->breaks[$k + 1],
                        -1,
                        ...array_map(fn (float $c): float => $c * $scale, $responses->combined($effect, $factors, $k)),
                    ];
                }
                $curves[$name] = ['max' => $curve, 'min' => $curve];
            }
        }

        return $curves;
    }

    /** @return array<int, float> */
    private function weighingFactors(string $id): array
    {
        foreach ($this->design->everyWeighing as $w) {
            if ($w->id === $id) {
                return $w->factors;
            }
        }

        return [];
    }

    /** @return array<int, float> */
    private function caseFactors(string $id): array
    {
        $beam = $this->design->beam;
        if ($id === 'self-weight' && $beam->selfWeight !== null) {
            return [$beam->selfWeight => $this->design->member->make->weight()];
        }
        foreach ($beam->cases as $case) {
            if ($case->case->id === $id) {
                return array_fill_keys($case->whole(), 1.0);
            }
        }

        return [];
    }

    /**
     * @param  list<Combination>  $combinations
     * @return array{max: Curve, min: Curve}
     */
    private function pair(Envelope $envelope, array $combinations, float $scale): array
    {
        if ($combinations === []) {
            return ['max' => [], 'min' => []];
        }
        $index = $this->combinationNumbers();
        $breaks = $envelope->breaks();
        $weight = $this->design->member->make->weight();
        $curve = fn (int $sign): array => array_map(
            fn (array $p): array => [
                $breaks[$p['segment']] + $p['from'],
                $breaks[$p['segment']] + $p['to'],
                $index[$p['combination']->id],
                ...array_map(fn (float $c): float => $c * $scale, Polynomial::shift($p['polynomial'], $p['from'])),
            ],
            $envelope->curve($combinations, $sign, $weight),
        );

        return ['max' => $curve(1), 'min' => $curve(-1)];
    }

    /** @return array<string, int> by id */
    private function combinationNumbers(): array
    {
        return array_flip(array_map(fn (Combination $c): string => $c->id, $this->design->combinations));
    }

    /** @return list<Figure> what deflections may come to, span by span; downwards and upwards */
    private function deflectionLimit(): array
    {
        $id = $this->design->checks->limitsDeflection();
        $weighing =
            array_values(array_filter($this->design->weighings, fn (Weighing $w): bool => $w->id === $id))[0] ?? null;
        $limit = fn (int $sign): array => array_map(
            fn (array $range): CurvePart => new CurvePart($range[0], $range[1], [$sign * $range[2]]),
            $weighing->ranges ?? [],
        );

        return $limit(1) === []
            ? []
            : [new Figure('w', 'Deflection', '', Kind::Deflection, true, [], [], $limit(1), $limit(-1))];
    }

    /** @return array<string, mixed> */
    private function figure(Figure $figure): array
    {
        $index = $this->combinationNumbers();
        $curve = fn (array $parts): array => array_map(
            fn (CurvePart $p): array => [
                $p->from,
                $p->to,
                $p->combination === null ? -1 : $index[$p->combination->id],
                ...$p->polynomial,
            ],
            $parts,
        );

        return [
            'id' => $figure->id,
            'title' => $figure->title,
            'caption' => $figure->caption,
            'kind' => $figure->kind->value,
            'downward' => $figure->isDownward,
            'curves' => ['max' => $curve($figure->max), 'min' => $curve($figure->min)],
            'there' => ['max' => $curve($figure->most), 'min' => $curve($figure->least)],
        ];
    }

    public function stiffness(): float
    {
        return $this->design->member->make->main(new Situation)->rigidity->EI;
    }

    public function stiffnessSideways(): float
    {
        return $this->design->member->make->main(new Situation)->rigidity->EIz;
    }
}

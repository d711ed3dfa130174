<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Loading\RuleSet;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Materials\Concrete\ConcreteMake;

/** The checks of a rectangular beam of reinforced concrete after EN 1992-1-1:2004. */
final readonly class ConcreteBeam implements MemberChecks
{
    /** A force that is smaller is none, N. */
    private const NOTHING = 1.0;

    private Bending $bending;

    private Shear $shear;

    private SpanDepth $spanDepth;

    private Cracks $cracks;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->bending = new Bending($envelopes);
        $this->shear = new Shear($envelopes);
        $this->spanDepth = new SpanDepth($envelopes);
        $this->cracks = new Cracks($envelopes);
    }

    public function standard(): string
    {
        return 'EN 1992-1-1:2004+A1:2014';
    }

    public function weigh(Make $make, bool $derive): array
    {
        $concrete = ConcreteMake::from($make);
        if (! RuleSet::of($this->envelopes->beam->member->basis->combinations)->isEn1993()) {
            return [$this->open('strength', 'Strength', '', 'Concrete is weighed after EN 1992-1-1 only, with combinations of EN 1990. Choose them in the basis of the job.')];
        }

        return [
            ...$this->envelopes->strength === [] ? [] : [
                ...$this->bending->weigh($concrete, $derive),
                ...$this->shear->weigh($concrete, $derive),
                ...$this->spanDepth->weigh($concrete, $derive),
            ],
            ...$this->cracks->weigh($concrete, $derive),
            ...BarSpacing::weigh($concrete, $derive),
            ...$this->beyond($concrete->weight()),
        ];
    }

    /** @return list<Weighing> what strains the member and is not weighed yet */
    private function beyond(float $weight): array
    {
        $e = $this->envelopes;
        $N = abs($e->axial?->greatest($e->strength, $weight)->value ?? 0.0);

        return [
            ...$N >= self::NOTHING ? [$this->open('axial', 'Axial force', '6.1', 'Axial force with bending is not computed for concrete yet.')] : [],
            ...$e->sideways === null ? [] : [$this->open('sideways-bending', 'Bending about the minor axis', '6.1', 'Lateral loads on concrete are not computed yet.')],
            ...$e->torque === null ? [] : [$this->open('torsion', 'Torsion', '6.3', 'Torsion of concrete is not computed yet.')],
        ];
    }

    private function open(string $id, string $title, string $clause, string $why): Weighing
    {
        return new Weighing($id, $title, trim("EN 1992-1-1, {$clause}", ', '), null, applies: false, remark: $why);
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: anchorage and laps of bars, cover for durability and fire, lateral instability by 5.9.',
            'Bars and links are the same all along; bars in one layer. Steel in compression is left out.',
            'Partial factors γ_C = 1.5 and γ_S = 1.15, α_cc = 1, the recommended values.',
            'Forces from elastic statics of the section without cracks, no redistribution (5.4); x is at most 0.448 d (5.5(4)).',
            'Shear where it is greatest, at the axis of the support; links carry all of it (6.2.3).',
            'Deflection by the ratio of span to depth, which stands for span/250 (7.4.2); of spans over 7 m as if they carry partitions.',
            'Deflections in diagrams and tables are those of the section without cracks, at once: less than the beam will show.',
            'Top bars over end supports that are cast with a wall or column are not weighed for partial fixity (9.2.1.2(1)).',
            'Cracks under quasi-permanent load by diameter or spacing of the bars (7.3.3), with a creep coefficient of 2; their least steel by 9.2.1.1 only.',
            'Aggregate of at most 20 mm.',
        ];
    }

    public function secondOrder(bool $isFar): string
    {
        return '';
    }

    public function sectionClass(): string
    {
        return '';
    }

    public function factors(): array
    {
        return [];
    }

    public function notes(): array
    {
        return ['Deflections drawn are of the section without cracks, at once; deflection is weighed by span to depth.'];
    }
}

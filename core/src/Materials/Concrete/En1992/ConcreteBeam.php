<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Loading\RuleSet;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\Concrete\ConcreteMake;

/** The checks of a rectangular beam of reinforced concrete after EN 1992-1-1:2004. */
final readonly class ConcreteBeam implements MemberChecks
{
    use PlainChecks;

    private Bending $bending;

    private Shear $shear;

    private SpanDepth $spanDepth;

    private Cracks $cracks;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->unweighed = new Unweighed('EN 1992-1-1', 'concrete');
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
            return [$this->unweighed->rules()];
        }

        return [
            ...$this->envelopes->strength === [] ? [] : [
                ...$this->bending->weigh($concrete, $derive),
                ...$this->shear->weigh($concrete, $derive),
                ...$this->spanDepth->weigh($concrete, $derive),
                ...$this->cracks->weigh($concrete, $derive),
                ...BarSpacing::weigh($concrete, $derive),
            ],
            ...$this->unweighed->beyondBending($this->envelopes, $concrete->weight()),
        ];
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: anchorage and laps of bars, cover for bond, durability and fire, lateral instability by 5.9.',
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

    public function notes(): array
    {
        return ['Deflections drawn are of the section without cracks, at once; deflection is weighed by span to depth.'];
    }
}

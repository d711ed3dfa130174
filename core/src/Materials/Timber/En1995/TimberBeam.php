<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Loading\RuleSet;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\UnitSystem;

/** The checks of a rectangular beam of sawn timber after EN 1995-1-1:2004 with A1:2008. */
final readonly class TimberBeam implements MemberChecks
{
    use PlainChecks;

    private Durations $durations;

    private Bending $bending;

    private Shear $shear;

    private Bearing $bearing;

    private Deflection $deflection;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->unweighed = new Unweighed('EN 1995-1-1', 'timber');
        $this->durations = new Durations($envelopes->beam, $envelopes->strength);
        $this->bending = new Bending($envelopes, $this->durations);
        $this->shear = new Shear($envelopes, $this->durations);
        $this->bearing = new Bearing($envelopes->beam, $this->durations);
        $this->deflection = new Deflection($envelopes);
    }

    /** What is drawn is without creep. */
    public function limitsDeflection(): string
    {
        return 'deflection-variable';
    }

    /** Strengths in MPa and lengths in mm stand in its formulas. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return UnitSystem::Metric;
    }

    public function factors(): array
    {
        return ['gamma_M' => $this->envelopes->beam->member->basis->parameters['timber']['gammaM']];
    }

    public function standard(): string
    {
        return 'EN 1995-1-1:2004+A1:2008';
    }

    public function weigh(Make $make, bool $derive): array
    {
        $timber = TimberMake::from($make);
        $rules = RuleSet::of($this->envelopes->beam->member->basis->combinations);
        if (! $rules->isEn1993()) {
            return [$this->unweighed->rules()];
        }

        return [
            ...$this->envelopes->strength === []
                ? []
                : [
                    ...$this->bending->weigh($timber, $derive),
                    ...$this->shear->weigh($timber, $derive),
                    ...$this->bearing->weigh($timber, $derive),
                ],
            ...$this->deflection->weigh($timber, $derive),
            ...$this->unweighed->beyondBending($this->envelopes, $timber->weight()),
        ];
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: vibration by 7.3, pressure of loads on the upper edge, notches, compression at an angle to the grain, fire, connections.',
            'k_mod by the shortest action of each combination, which is also weighed without its shorter actions (3.1.3(2)).',
            'Durations as Table 2.2 has them, snow and wind as short-term, where the load case does not say otherwise.',
            'k_cr = 0.67 in shear (6.1.7(2)).',
            'Effective length in lateral buckling: the whole length between restraints of the compressed edge, with 2 h more where loads act on that edge (6.3.3(3)).',
            'Shear is not reduced near supports (6.1.7(3)).',
            'Bearing: 30 mm of contact length more where the member goes on (6.1.5(1)).',
            'Final deflection by 2.2.3(5): permanent load (1 + k_def) times, variable load with ψ_2 k_def more.',
        ];
    }
}

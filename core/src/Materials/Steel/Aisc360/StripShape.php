<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F12, for an open section built of strips: it yields, or a strip buckles elastically, by plate
 * theory as if compressed evenly; shear by the greatest stress of an elastic section, where no strip buckles.
 * Stresses in MPa.
 */
final readonly class StripShape extends PlaneProfile
{
    private const POISSON = 0.3;

    public StripSection $strips;

    /** Null: it is restrained all along. */
    private ?SkewSection $skew;

    /** k_c π² E / (12 (1 − ν²)) of the strip that buckles first; its k, b and t. */
    private float $local;

    /** @var array{float, float, float} */
    private array $weakest;

    public function __construct(public StripSection|SkewSection $section, SteelGrade $grade)
    {
        $whole = $section->upright();
        $this->strips = $whole instanceof StripSection ? $whole : throw new \LogicException('Strips are needed.');
        $this->skew = $section instanceof SkewSection ? $section : null;
        parent::__construct($section, $grade, $grade->yieldStrength($section->thickest()));
        $weakest = [4.0, 0.0, 1.0];
        $local = INF;
        foreach ($this->strips->tree->strips as $i => $s) {
            $k = $this->strips->isOutstand($i) ? 0.43 : 4.0;
            $F = $s->t > 0.0 ? $this->buckles($k, $s->length, $s->t) : INF;
            if ($F < $local) {
                [$local, $weakest] = [$F, [$k, $s->length, $s->t]];
            }
        }
        [$this->local, $this->weakest] = [$local, $weakest];
    }

    private function buckles(float $k, float $b, float $t): float
    {
        return (($k * M_PI ** 2 * $this->E) / (12 * (1 - self::POISSON ** 2))) * ($t / $b) ** 2;
    }

    public function compactness(): string
    {
        return $this->local >= $this->Fy ? 'elastic' : 'strips slender';
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $this->deriveLocal($d);

        return new Weighing(
            'classification',
            'Local buckling',
            "{$standard}, F12.3",
            null,
            remark: $this->local >= $this->Fy
                ? 'No strip buckles before the section yields, which is weighed elastically.'
                : 'A strip buckles before the section yields: its stress counts.',
            lines: $d->lines ?? [],
        );
    }

    private function deriveLocal(?Derivation $d): void
    {
        [$k, $b, $t] = $this->weakest;
        $d?->given(
            'k',
            $k,
            Kind::Number,
            'plate theory',
            ($k < 1.0 ? 'one end free' : 'between others').', of the strip that buckles first',
        );
        $d?->with([
            'E' => [$this->E, Kind::ModulusOfElasticity],
            't' => [$t, Kind::Size],
            'b' => [$b, Kind::Size],
        ])->line(
            'F_crl',
            'k * pi^2 * E / (12 * (1 - 0.3^2)) * (t / b)^2',
            Kind::Stress,
            'F12.3',
            'as if in uniform compression',
        );
    }

    /** F_n of yielding and local buckling, MPa. */
    public function stress(?Derivation $d = null): float
    {
        $this->deriveLocal($d);
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'F_crl' => [$this->local, Kind::Stress]])->line(
            'F_n',
            'min(F_y, F_crl)',
            Kind::Stress,
            'F12.1, F12.3',
        );

        return min($this->Fy, $this->local);
    }

    public function moment(?Derivation $d = null): float
    {
        $F = $this->stress($d);
        $this->deriveModulus($d);
        $d?->with(['F_n' => [$F, Kind::Stress], 'S_min' => [$this->section->Wely, Kind::Modulus]])->line(
            'M_n',
            'F_n * S_min',
            Kind::Moment,
            'F12-1',
        );

        return $F * $this->section->Wely;
    }

    public function deriveModulus(?Derivation $d): void
    {
        $d?->given(
            'S_min',
            $this->section->Wely,
            Kind::Modulus,
            '',
            $this->skew !== null
                ? 'laterally unrestrained: (I_x I_y − I_xy²)/|I_y y − I_xy x| of the corner with the greatest stress'
                : 'of the farther edge',
        );
    }

    public function bendingClause(): string
    {
        return 'F12';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        $A =
            $this->skew !== null
                ? 1 / $this->skew->shearing
                : $this->section->Iy / $this->section->shearing;
        $Cv = $this->strainedInShear();
        $Vn = 0.6 * $this->Fy * $A * $Cv;
        $d?->given('A_v', $A, Kind::Area, 'G1', 'I t / Q: greatest stress of an elastic section');
        $d?->given(
            'C_v2',
            $Cv,
            Kind::Number,
            'G2.2',
            'of the most slender strip: k_v = 1.2 with a free end, 5.34 between others',
        );
        $d?->with(['F_y' => [$this->Fy, Kind::Stress]])->line('V_n', '0.6 * F_y * A_v * C_v2', Kind::Force, 'G1, G2.2');

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    private function strainedInShear(): float
    {
        $least = 1.0;
        foreach ($this->strips->tree->strips as $i => $s) {
            $least =
                $s->t > 0.0
                    ? min(
                        $least,
                        Shear::ofPlate($s->length / $s->t, $this->rootEF, $this->strips->isOutstand($i) ? 1.2 : 5.34),
                    )
                    : $least;
        }

        return $least;
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G1', 'G1'];
    }

    public function lateral(): ?LateralStrength
    {
        return $this->skew === null ? null : new StripLateralStrength($this, $this->skew);
    }

    public function lateralClause(): string
    {
        return 'F12.2';
    }
}

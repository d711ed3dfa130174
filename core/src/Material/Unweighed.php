<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;

/** What a material does not weigh yet: said in words, so that the member never reads as if it held. */
final readonly class Unweighed
{
    /** A force that is smaller is none, N. */
    private const NOTHING = 1.0;

    /** @param  string  $name  of the material, within a sentence */
    public function __construct(private string $standard, private string $name)
    {
    }

    /** The rules of combination are those of another family of standards. */
    public function rules(): Weighing
    {
        $why =
            ucfirst($this->name).
            " is weighed after {$this->standard} only, with combinations of EN 1990. Choose them in the basis of the job.";

        return $this->open('strength', 'Strength', $why);
    }

    /**
     * @param  bool  $withAxial  is axial force not weighed?
     * @return list<Weighing> for each of axial force, bending about the minor axis and torsion that strains the member;
     *     self-weight in N/mm
     */
    public function beyondBending(MemberEnvelopes $envelopes, float $weight, bool $withAxial = true): array
    {
        $N = abs($envelopes->axial?->greatest($envelopes->strength, $weight)->value ?? 0.0);

        return [
            ...$N < self::NOTHING || ! $withAxial
                ? []
                : [
                    $this->open(
                        'axial',
                        'Axial force',
                        "Axial force with bending is not computed for {$this->name} yet.",
                    ),
                ],
            ...$envelopes->sideways === null
                ? []
                : [
                    $this->open(
                        'sideways-bending',
                        'Bending about the minor axis',
                        "Lateral loads on {$this->name} are not computed yet.",
                    ),
                ],
            ...$this->torsion($envelopes),
        ];
    }

    /** @return list<Weighing> */
    public function torsion(MemberEnvelopes $envelopes): array
    {
        return $envelopes->torque === null
            ? []
            : [$this->open('torsion', 'Torsion', "Torsion of {$this->name} is not computed yet.")];
    }

    private function open(string $id, string $title, string $why): Weighing
    {
        return new Weighing($id, $title, $this->standard, null, applies: false, remark: $why);
    }
}

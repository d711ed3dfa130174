<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Units\Kind;

/**
 * A tee. EN 1993-1-1:2005, Table 5.2, sheet 2: the flange is compressed, or the stem is, whose tip then has the
 * greatest stress; where the flange is compressed the stem is as far as the axis reaches into it. k_σ by EN
 * 1993-1-5, Table 4.2.
 */
final readonly class TeeShape extends Profile
{
    public function __construct(private Tee $section)
    {
        parent::__construct($section);
    }

    /** Where bending may do either, elastic: with the limits of class 3 alone. */
    public function parts(Strain $by): array
    {
        $s = $this->section;
        $flange = new ClassedPart(
            'flange',
            ['c_f', $s->cf],
            ['t_f', $s->tf],
            ClassedPart::OUTSTAND,
            'outstand flange in compression',
        );

        return match (true) {
            $by === Strain::BendingZ => [$flange],
            $by === Strain::Compression => [
                $flange,
                $this->stem(ClassedPart::OUTSTAND, 'stem, an outstand in compression'),
            ],
            $s->stem === Stem::Tensioned => [$flange, $this->rooted()],
            $s->stem === Stem::Compressed => [$this->tipped()],
            default => array_map(
                fn (ClassedPart $p): ClassedPart => new ClassedPart(
                    $p->name,
                    $p->c,
                    $p->t,
                    [-1.0, -1.0, $p->limits[2]],
                    "{$p->note}; sagging and hogging moments: elastic",
                ),
                [$flange, $this->tipped()],
            ),
        };
    }

    /** @param  array{float, float, float}  $limits  rounded down to what is printed */
    private function stem(array $limits, string $note): ClassedPart
    {
        $printed = array_map(fn (float $limit): float => floor(100 * $limit) / 100, $limits);

        return new ClassedPart('stem', ['c_s', $this->section->c], ['t_w', $this->section->tw], $printed, $note);
    }

    /** With its tip in compression. */
    private function tipped(): ClassedPart
    {
        $s = $this->section;
        $alpha = min(1.0, ($s->h - $s->plasticAxis) / $s->c);
        $psi = ($s->tf + $s->r - $s->zs) / ($s->h - $s->zs);
        $k = 0.57 - 0.21 * $psi + 0.07 * $psi ** 2;

        return $this->stem(
            [9 / $alpha, 10 / $alpha, 21 * sqrt($k)],
            sprintf('stem, its tip in compression: α = %.3f, ψ = %.3f, k_σ = %.3f', $alpha, $psi, $k),
        );
    }

    /** With its tip in tension. */
    private function rooted(): ClassedPart
    {
        $s = $this->section;
        $alpha = max(0.0, ($s->plasticAxis - $s->tf - $s->r) / $s->c);
        $root = $s->zs - $s->tf - $s->r;
        if ($root <= 0.0) {
            return $this->stem(array_fill(0, 3, ClassedPart::NEVER), 'stem, all of it in tension');
        }
        $psi = max(-1.0, -($s->h - $s->zs) / $root);
        $k = 1.7 - 5 * $psi + 17.1 * $psi ** 2;
        $plastic = fn (float $c): float => $alpha > 0.0 ? $c / $alpha ** 1.5 : ClassedPart::NEVER;

        return $this->stem(
            [$plastic(9.0), $plastic(10.0), 21 * sqrt($k)],
            sprintf('stem, its tip in tension: α = %.3f, ψ = %.3f, k_σ = %.1f', $alpha, $psi, $k),
        );
    }

    public function local(float $epsilon): LocalBuckling
    {
        return new ReducedStress($this, $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $s = $this->section;
        if ($s->finish === Finish::Welded) {
            $d?->with(['t_w' => [$s->tw, Kind::Size], 'h' => [$s->h, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
                'A_v',
                't_w * (h - t_f / 2)',
                Kind::Area,
                '6.2.6(3)c',
                'welded',
            );

            return $s->tw * ($s->h - $s->tf / 2);
        }
        $d?->with([
            'A' => [$s->A, Kind::Area],
            'b' => [$s->b, Kind::Size],
            't_f' => [$s->tf, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'r' => [$s->r, Kind::Size],
        ])->line('A_v', 'A - b * t_f + (t_w + 2 * r) * t_f / 2', Kind::Area, '6.2.6(3)c');

        return $s->A - $s->b * $s->tf + (($s->tw + 2 * $s->r) * $s->tf) / 2;
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        $s = $this->section;
        $d?->with(['b' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
            'A_v',
            'b * t_f',
            Kind::Area,
            '6.2.6(3)',
            'the flange alone',
        );

        return $s->b * $s->tf;
    }

    public function plate(): array
    {
        return [$this->section->c / $this->section->tw, 1.2];
    }

    public function curves(bool $isS460): array
    {
        return ['c', 'c'];
    }
}

<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/** ANSI/AISC 360, B4.1: compact, noncompact and slender elements of a shape in bending (Table B4.1b). */
final class Compactness
{
    public static function weigh(OpenProfile $shape, string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $shape->section;
        $d?->with(['b_f' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
            'lambda_f',
            $shape->isChannel ? 'b_f / t_f' : 'b_f / (2 * t_f)',
            Kind::Number,
            'B4.1',
            'flange',
        );
        $d?->with(['E' => [$shape->E, Kind::ModulusOfElasticity], 'F_y' => [$shape->Fy, Kind::Stress]])->line(
            'lambda_pf',
            '0.38 * sqrt(E / F_y)',
            Kind::Number,
            $shape->isRolled ? 'Table B4.1b, 10' : 'Table B4.1b, 11',
            $shape->flange <= $shape->compactFlange() ? 'compact' : 'not compact',
        );
        if ($shape->flange > $shape->compactFlange()) {
            self::slenderFlange($shape, $d);
        }
        $d?->with(['h' => [$shape->h, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'lambda_w',
            'h / t_w',
            Kind::Number,
            'B4.1',
            'web, clear of the fillets',
        );
        $d?->line(
            'lambda_pw',
            '3.76 * sqrt(E / F_y)',
            Kind::Number,
            'Table B4.1b, 15',
            $shape->hasCompactWeb() ? 'compact' : 'not compact',
        );

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            remark: match (true) {
                $shape->compactness() === 'compact' => 'The shape is compact in bending.',
                default => "In bending: {$shape->compactness()}, web compact. Local buckling of the flange reduces bending (F3).",
            },
            lines: $d->lines ?? [],
        );
    }

    /** λ_rf. */
    public static function slenderFlange(OpenProfile $shape, ?Derivation $d): float
    {
        if ($shape->isRolled) {
            $d?->with(['E' => [$shape->E, Kind::ModulusOfElasticity], 'F_y' => [$shape->Fy, Kind::Stress]])->line(
                'lambda_rf',
                'sqrt(E / F_y)',
                Kind::Number,
                'Table B4.1b, 10',
            );
        } else {
            $d?->with(['lambda_w' => [$shape->web, Kind::Number]])->line(
                'k_c',
                'min(0.76, max(0.35, 4 / sqrt(lambda_w)))',
                Kind::Number,
                'Table B4.1b, note a',
            );
            $d?->with(['E' => [$shape->E, Kind::ModulusOfElasticity], 'F_y' => [$shape->Fy, Kind::Stress]])->line(
                'lambda_rf',
                '0.95 * sqrt(k_c * E / (0.7 * F_y))',
                Kind::Number,
                'Table B4.1b, 11',
            );
        }

        return $shape->slenderFlange();
    }
}

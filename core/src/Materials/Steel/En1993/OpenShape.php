<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Units\Kind;

/** A web between two flanges alike. */
abstract readonly class OpenShape extends Profile
{
    public function __construct(private Flanged $flanged)
    {
        parent::__construct($flanged);
    }

    protected function flange(): ClassedPart
    {
        return new ClassedPart(
            'flange',
            ['c_f', $this->flanged->c],
            ['t_f', $this->flanged->tf],
            ClassedPart::OUTSTAND,
            'outstand flange in compression',
        );
    }

    protected function classedWeb(Strain $by): ClassedPart
    {
        $isBent = $by === Strain::BendingY;

        return new ClassedPart(
            'web',
            ['c_w', $this->flanged->d],
            ['t_w', $this->flanged->tw],
            $isBent ? ClassedPart::BENT : ClassedPart::INTERNAL,
            $isBent ? 'web in bending' : 'web in compression',
        );
    }

    public function web(): array
    {
        return [$this->flanged->hw, $this->flanged->tw];
    }

    public static function ofWeldedWeb(float $eta, float $hw, float $tw, ?Derivation $d): float
    {
        $d?->with([
            'eta' => [$eta, Kind::Number],
            'h_w' => [$hw, Kind::Size],
            't_w' => [$tw, Kind::Size],
        ])->line('A_v', 'eta * h_w * t_w', Kind::Area, '6.2.6(3)d', 'welded');

        return $eta * $hw * $tw;
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        $s = $this->flanged;
        $d?->with(['b' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
            'A_v',
            '2 * b * t_f',
            Kind::Area,
            '6.2.6(3)',
            'the flanges alone',
        );

        return 2 * $s->b * $s->tf;
    }

    public function pressedWeb(float $epsilon): Flanged
    {
        return $this->flanged;
    }
}

<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Against;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;

/** A slenderness beyond what a standard permits: the member does not hold, whatever acts on it. */
final readonly class Slenderness
{
    public function __construct(
        private float $value,
        private float $most,
        private string $clause,
        private string $remark,
    ) {
    }

    public static function beyond(float $value, float $most, string $clause, string $remark): ?self
    {
        return $value > $most ? new self($value, $most, $clause, $remark) : null;
    }

    public function weighing(Heading $heading, Working $w, ?float $x = null, string $combination = ''): Weighing
    {
        return new Weighing(
            $heading->id,
            $heading->title,
            $this->clause,
            $this->value / $this->most,
            against: new Against(demand: $this->value, capacity: $this->most),
            at: new Place(x: $x, combination: $combination),
            remark: $this->remark,
            lines: $w->lines,
            group: $heading->group,
        );
    }
}

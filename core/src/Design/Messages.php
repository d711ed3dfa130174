<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\BeamSupport;
use Waage\Analysis\CaseSets;
use Waage\Checks\Weighing;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;

/**
 * What the engineer has to know beside the verdict.
 *
 * @phpstan-import-type Curve from Result
 */
final readonly class Messages
{
    public function __construct(private Design $design)
    {
    }

    /**
     * @param  array{factor: float|null, enough: bool, rows: list<array<string, mixed>>}|null  $secondOrder
     * @return list<string>
     */
    public function of(?array $secondOrder): array
    {
        $messages = [];
        if ($secondOrder !== null && ! $secondOrder['enough']) {
            $messages[] =
                $secondOrder['factor'] <= 1.0
                    ? 'The member buckles in its plane under the axial force.'
                    : 'Loads '.
                        number_format($secondOrder['factor'], 1).
                        ' times as great buckle the member in its plane. Diagrams and reactions are of first order. '.
                        $this->design->checks->secondOrder(false);
        }
        if ($this->design->combinations === []) {
            $messages[] = 'No load acts on the member yet, so nothing is weighed.';
        }
        $beam = $this->design->beam->beam;
        if ($beam->axis->isStrained && count(array_filter($beam->holds, fn (BeamSupport $s): bool => $s->along)) > 1) {
            $messages[] =
                'More than one support holds the member along its axis: axial forces go into the nearest ones. Make those rollers that let it slide.';
        }
        if ($this->design->member->hinges !== []) {
            $messages[] =
                'Hinges are taken to transmit minor-axis bending and torsion. Where a joint does not, restrain both flanges there.';
        }
        if (
            $this->design->beam->twisting === null &&
            array_filter($this->design->member->loads, fn (Load $l): bool => $l->on && $l->twists()) !== []
        ) {
            $messages[] =
                'Loads in front of the axis go into the continuous restraint of both flanges; they do not twist the member.';
        }
        if (
            $this->design->beam->sideways === null &&
            array_filter($this->design->member->loads, fn (Load $l): bool => $l->on && $l->actsSideways()) !== []
        ) {
            $messages[] =
                'Lateral loads go into the continuous restraint of both flanges; they do not bend the member.';
        }
        $member = $this->design->member;
        array_push($messages, ...$this->design->checks->notes());
        $never =
            $member->arrangements === []
                ? []
                : array_values(
                    array_diff_key($beam->fieldNames(), array_flip(array_merge(...$member->arrangements))),
                );
        if ($never !== []) {
            $messages[] = 'No arrangement loads '.CaseSets::listed($never).': imposed load does not act there.';
        }
        if ($this->design->notCounted !== []) {
            $messages[] =
                'Left out by the engineer, so that the verdict is without: '.
                implode(', ', array_map(fn (Weighing $w): string => $w->title, $this->design->notCounted)).
                '.';
        }
        $off = count(array_filter($this->design->member->loads, fn (Load $l): bool => ! $l->on));
        if ($off > 0) {
            $messages[] = $off === 1 ? '1 load is switched off.' : "{$off} loads are switched off.";
        }
        $used = array_column($this->design->member->loads, 'case');
        $idle = array_filter(
            $this->design->member->cases,
            fn (LoadCase $c): bool => ! in_array($c->id, $used, true) && $c->category !== Category::Permanent,
        );
        $names = implode(', ', array_map(fn (LoadCase $c): string => "“{$c->name}”", $idle));
        if ($idle !== []) {
            $messages[] =
                count($idle) === 1
                    ? "Load case {$names} has no load; it takes no part in the combinations."
                    : "Load cases {$names} have no load; they take no part in the combinations.";
        }

        return $messages;
    }
}

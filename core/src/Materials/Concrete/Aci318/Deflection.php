<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\CrackedSection;
use Waage\Materials\Concrete\FieldDeflection;
use Waage\Units\Kind;

/**
 * ACI 318-19, 24.2: immediate deflection with the effective second moment of each load level, and with creep and
 * shrinkage after five years. Deflections of the gross member times I_g/I_e: of the middle of spans, of the support
 * of overhangs (24.2.3.6, 24.2.3.7).
 */
final readonly class Deflection
{
    private FieldDeflection $fields;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->fields = new FieldDeflection($envelopes);
    }

    /** @return list<Weighing> of live load at once, and of all that comes after the sustained load is there */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = null;
        $live = $lasting = 0.0;
        $beam = $this->envelopes->beam;
        foreach ($this->fields->dead === [] ? [] : $beam->beam->fields() as $field) {
            $e = $this->envelopes->sag->greatest($this->envelopes->characteristic, $concrete->weight(), ...$field);
            if ($e === null || abs($e->value) / $concrete->rigidity() < 1e-6) {
                continue;
            }
            $w = $this->ofField($concrete, $field, $e, $detail);
            $u = max($w->value('Delta_L / Delta_1'), $w->value('Delta_LT / Delta_2'));
            if ($worst === null || $u > max($live, $lasting)) {
                [$live, $lasting] = [$w->value('Delta_L / Delta_1'), $w->value('Delta_LT / Delta_2')];
                $worst = [$w, $e];
            }
        }

        return $worst === null ? [] : $this->told($concrete, $worst[0], $worst[1]);
    }

    /** @param  array{float, float}  $field */
    private function ofField(ConcreteMake $concrete, array $field, Extreme $e, Detail $detail): Working
    {
        $weight = $concrete->weight();
        [$M, $x] = $this->fields->moment($field, $e, $weight);
        $sign = $M >= 0.0 ? 1 : -1;
        $w = $detail->working();
        $this->section($concrete, $sign, $x, $w);
        $levels = [
            'D' => $this->fields->at($this->fields->dead, $weight, $e),
            'S' => $this->fields->at($this->fields->sustained, $weight, $e),
            'T' => $e,
        ];
        $titles = ['D' => 'permanent', 'S' => 'sustained', 'T' => 'all'];
        foreach ($levels as $key => $level) {
            $of = $this->fields->moment($field, $level, $weight)[0];
            $this->level($w, $key, [abs($of), abs($level->value) / $concrete->rigidity()], $titles[$key]);
        }
        $isOverhang = $this->envelopes->beam->isOverhang(...$field);
        $basis = $this->envelopes->beam->member->basis;
        $w->line('Delta_L', 'max(0, Delta_T - Delta_D)', Kind::Deflection, '24.2.3', 'live load at once');
        $w->let('xi', 2.0, Kind::Number, 'Table 24.2.4.1.3', 'five years or more');
        $w->let(
            'A_s_c',
            $concrete
                ->steel()
                ->at(-$sign, $x)
                ->group->bars->area(),
            Kind::SteelArea,
            '',
            'compression',
        );
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->line('rho_c', 'A_s_c / (b_w * d)', Kind::Number);
        $w->line('lambda_D', 'xi / (1 + 50 * rho_c)', Kind::Number, '24.2.4.1.1', 'creep and shrinkage');
        $w->line('Delta_LT', 'lambda_D * Delta_S + Delta_L', Kind::Deflection, '24.2.4', 'sustained in time, and live');
        $w->let('L', $field[1] - $field[0], Kind::Length);
        $w->let('n_1', $basis->limits->variable, Kind::Number, 'basis of the job', 'live load');
        $w->let('n_2', $basis->limits->total, Kind::Number, 'basis of the job', 'after attachment');
        $twice = $isOverhang ? '2 * ' : '';
        $w->line('Delta_1', "{$twice}L / n_1", Kind::Deflection, 'Table 24.2.2');
        $w->line('Delta_2', "{$twice}L / n_2", Kind::Deflection, 'Table 24.2.2');

        return $w;
    }

    /** I_g, M_cr and I_cr where the moment cracks the member most. */
    private function section(ConcreteMake $concrete, int $sign, float $x, Working $w): void
    {
        $group = $concrete->steel()->at($sign, $x)->group;
        $other = $concrete->steel()->at(-$sign, $x)->group;
        $tee = $concrete->tee($sign, $x);
        $E = $concrete->modulus();
        Section::depth($concrete, $group, $w);
        Section::width($concrete, $sign, $x, $w);
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        Strength::letRoot($w, $concrete, false);
        $k = Strength::isMetric($concrete) ? 4700 : 57000;
        $w->line('E_c', "{$k} * root_fc", Kind::ModulusOfElasticity, '19.2.2.1(b)', 'normalweight');
        $w->let('E_s', Strength::ES, Kind::ModulusOfElasticity, '20.2.2.2');
        $w->line('n_E', 'E_s / E_c', Kind::Number);
        $w->let('I_g', $concrete->rigidity() / $E, Kind::SecondMoment, '', 'gross section');
        $w->let('y_t', $concrete->h - $tee->centroid(), Kind::Size, '', 'to the face in tension');
        $k = Strength::of($concrete, 7.5, 0.62);
        $w->line('f_r', "{$k} * root_fc", Kind::LowStress, '19.2.3.1');
        $w->line('M_cr', 'f_r * I_g / y_t', Kind::Moment, '24.2.3.5');
        $cracked = new CrackedSection(
            $tee,
            Strength::ES / $E,
            [$group->bars->area(), $concrete->h - $group->centroid()],
            [$other->bars->area(), $other->centroid()],
        );
        $w->let('kd', $cracked->x2, Kind::Size, '', 'axis of the cracked section, bars at both faces');
        $w->let('I_cr', $cracked->I2, Kind::SecondMoment, '', 'cracked, transformed');
    }

    /**
     * Deflection of a load level.
     *
     * @param  array{float, float}  $of  moment, deflection of the gross member
     */
    private function level(Working $w, string $key, array $of, string $title): void
    {
        [$M, $deflection] = $of;
        $w->let("M_{$key}", $M, Kind::Moment, '', "{$title} load");
        $w->let("delta_{$key}", $deflection, Kind::Deflection, '', 'gross member');
        $w->value("M_{$key}") <= $w->value('2 / 3 * M_cr')
            ? $w->line("I_e_{$key}", 'I_g', Kind::SecondMoment, '24.2.3.5(a)', 'uncracked')
            : $w->line(
                "I_e_{$key}",
                "I_cr / (1 - (2 / 3 * M_cr / M_{$key})^2 * (1 - I_cr / I_g))",
                Kind::SecondMoment,
                '24.2.3.5(b)',
            );
        $w->line("Delta_{$key}", "delta_{$key} * I_g / I_e_{$key}", Kind::Deflection, '24.2.3.4', $title);
    }

    /** @return list<Weighing> */
    private function told(ConcreteMake $concrete, Working $w, Extreme $e): array
    {
        $weighings = [];
        $both = [
            ['deflection-live', 'Deflection by live load', 'Delta_L', 'Delta_1'],
            ['deflection', 'Deflection in the end', 'Delta_LT', 'Delta_2'],
        ];
        $factors = $this->fields->factors($e, $concrete->weight());
        foreach ($both as [$id, $title, $demand, $capacity]) {
            $own = clone $w;
            $own->line('u', "{$demand} / {$capacity}", Kind::Number, '24.2.2');
            $weighings[] = new Weighing(
                $id,
                $title,
                'ACI 318-19, 24.2',
                $own->value('u'),
                against: new Against(
                    demand: $own->value($demand),
                    capacity: $own->value($capacity),
                    kind: Kind::Deflection,
                    demandSymbol: $demand,
                    capacitySymbol: $capacity,
                ),
                at: $this->envelopes->beam->placed($e, $factors),
                lines: $own->lines,
            );
        }

        return $weighings;
    }
}

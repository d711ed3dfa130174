<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Material\Registry;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** The basis of a job from its document; what is absent takes the recommended value. */
final class BasisReader
{
    /** Rules that make the combinations of actions (core/data/combinations). */
    public const COMBINATIONS = [
        '6.10',
        '6.10a/b',
        'asce-7-16-lrfd',
        'asce-7-16-asd',
        'asce-7-22-lrfd',
        'asce-7-22-asd',
        'as-nzs-1170',
        'nbc-2020',
        'classic',
    ];

    private const MOST_BUILD_UPS = 60;

    private const MOST_LAYERS = 30;

    /**
     * @var array{numbers: array<string, array{value: float, least: float, most: float}>, psi: array<string,
     *     array{float, float, float}>, deflection: array{total: float, variable: float, sway: float}}|null
     */
    private static ?array $recommended = null;

    /**
     * @param  array<array-key, mixed>  $in
     *
     * @throws InvalidMember with paths that start with "basis."
     */
    public static function read(array $in): Basis
    {
        $f = new Fields();
        $basis = self::readInto($f, $in);
        $f->throwIfAny();

        return $basis;
    }

    /** @param  array<array-key, mixed>  $in */
    public static function readInto(Fields $f, array $in): Basis
    {
        if (($in['standard'] ?? 'EN') !== 'EN') {
            $f->fail('basis.standard', 'Only the standard set "EN" (Eurocodes) is available.');
        }
        $combinations = $in['combinations'] ?? '6.10';
        if (! is_string($combinations) || ! in_array($combinations, self::COMBINATIONS, true)) {
            $f->fail('basis.combinations', 'This must be one of: '.implode(', ', self::COMBINATIONS).'.');
            $combinations = '6.10';
        }
        $parameters = self::section($f, $in, 'parameters');
        $deflection = self::section($f, $in, 'deflection');
        $psiIn = self::section($f, $parameters, 'psi', 'basis.parameters.psi');
        $recommended = self::recommended();
        $n = function (string $key) use ($f, $parameters, $recommended): float {
            ['value' => $value, 'least' => $least, 'most' => $most] = $recommended['numbers'][$key];

            return $f->number($parameters, $key, "basis.parameters.{$key}", $value, $least, $most);
        };

        $psi = [];
        foreach ($recommended['psi'] as $category => $values) {
            $row = is_array($psiIn[$category] ?? null) ? $psiIn[$category] : [];
            $psi[$category] = [
                $f->number($row, '0', "basis.parameters.psi.{$category}.0", $values[0], 0, 1),
                $f->number($row, '1', "basis.parameters.psi.{$category}.1", $values[1], 0, 1),
                $f->number($row, '2', "basis.parameters.psi.{$category}.2", $values[2], 0, 1),
            ];
        }

        $flag = fn (string $key, bool $default): bool => $f->flag(
            $parameters,
            $key,
            "basis.parameters.{$key}",
            $default,
        );
        $over = fn (string $key): float => $f->number(
            $deflection,
            $key,
            "basis.deflection.{$key}",
            $recommended['deflection'][$key],
            50,
            2000,
        );

        return new Basis(
            units: $f->choice($in, 'units', 'basis.units', UnitSystem::Metric),
            combinations: $combinations,
            actions: new ActionFactors(
                gammaGsup: $n('gammaGsup'),
                gammaGinf: $n('gammaGinf'),
                gammaQ: $n('gammaQ'),
                gammaGset: $n('gammaGset'),
                gammaGsupEqu: $n('gammaGsupEqu'),
                gammaGinfEqu: $n('gammaGinfEqu'),
                psiAccidental: (int) $f->number(
                    $parameters,
                    'psiAccidental',
                    'basis.parameters.psiAccidental',
                    1,
                    1,
                    2,
                ),
                psiFire: (int) $f->number($parameters, 'psiFire', 'basis.parameters.psiFire', 2, 1, 2),
                xi: $n('xi'),
                KFI: $n('KFI'),
                psi: $psi,
                SDS: $f->number($parameters, 'SDS', 'basis.parameters.SDS', 0, 0, 3),
            ),
            steel: new SteelFactors(
                gammaM0: $n('gammaM0'),
                gammaM1: $n('gammaM1'),
                eta: $n('eta'),
                rolledCurves: $flag('rolledCurves', true),
                lambdaLT0: $n('lambdaLT0'),
                beta: $n('beta'),
                modifyChi: $flag('modifyChi', true),
                kcByC1: $flag('kcByC1', false),
                closedForms: $flag('closedForms', false),
                annexA: $flag('annexA', false),
            ),
            limits: new DeflectionLimits(
                total: $over('total'),
                variable: $over('variable'),
                sway: $over('sway'),
                frequency: $f->number($deflection, 'frequency', 'basis.deflection.frequency', 0, 0, 50),
            ),
            buildUps: self::buildUps($f, $in),
            parameters: self::ofMaterials($f, $parameters),
        );
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, array<string, float>> by material and key
     */
    private static function ofMaterials(Fields $f, array $in): array
    {
        $parameters = [];
        foreach (Registry::all() as $id => $material) {
            $given = self::section($f, $in, $id, "basis.parameters.{$id}");
            foreach ($material->parameters() as $p) {
                $path = "basis.parameters.{$id}.{$p->key}";
                $parameters[$id][$p->key] = $f->number($given, $p->key, $path, $p->value, $p->least, $p->most);
            }
        }

        return $parameters;
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, BuildUp>
     */
    private static function buildUps(Fields $f, array $in): array
    {
        $buildUps = [];
        foreach ($f->rows($in, 'buildUps', self::MOST_BUILD_UPS, 'build-ups', 'basis.buildUps') as $i => $row) {
            $path = "basis.buildUps.{$i}";
            $name = trim($f->text($row, 'name', "{$path}.name"));
            if ($name === '' || isset($buildUps[$name])) {
                $f->fail(
                    "{$path}.name",
                    $name === '' ? 'A build-up needs a name.' : "Two build-ups have the name “{$name}”.",
                );
            }
            $layers = [];
            foreach ($f->rows($row, 'layers', self::MOST_LAYERS, 'layers', "{$path}.layers") as $j => $layer) {
                $at = "{$path}.layers.{$j}";
                $thickness =
                    ($layer['thickness'] ?? '') === ''
                        ? null
                        : $f->positive($layer, 'thickness', "{$at}.thickness", Kind::Size, 'The thickness');
                $weight = $f->positive(
                    $layer,
                    'weight',
                    "{$at}.weight",
                    $thickness === null ? Kind::AreaLoad : Kind::UnitWeight,
                    $thickness === null ? 'The load' : 'The unit weight',
                );
                $layers[] = [
                    $f->text($layer, 'name', "{$at}.name"),
                    $thickness,
                    $weight,
                    ($thickness ?? 1.0) * $weight,
                ];
            }
            if ($layers === []) {
                $f->fail("{$path}.layers", 'A build-up needs one layer at least.');
            } else {
                $buildUps[$name] = new BuildUp($name, $layers);
            }
        }

        return $buildUps;
    }

    /**
     * @return array{numbers: array<string, array{value: float, least: float, most: float}>, psi: array<string,
     *     array{float, float, float}>, deflection: array{total: float, variable: float, sway: float}}
     */
    private static function recommended(): array
    {
        if (self::$recommended === null) {
            /**
             * @var array{numbers: array<string, array{value: float, least: float, most: float}>, psi: array<string,
             *     array{float, float, float}>, deflection: array{total: float, variable: float, sway: float}} $data
             */
            $data = json_decode(
                (string) file_get_contents(__DIR__.'/../../data/recommended-en.json'),
                true,
                8,
                JSON_THROW_ON_ERROR,
            );
            self::$recommended = $data;
        }

        return self::$recommended;
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<array-key, mixed>
     */
    private static function section(Fields $f, array $in, string $key, ?string $path = null): array
    {
        $section = $in[$key] ?? [];
        if (! is_array($section)) {
            $f->fail($path ?? "basis.{$key}", 'This part of the basis cannot be read.');

            return [];
        }

        return $section;
    }
}

<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\MemberEnvelopes;
use Waage\Design\Design;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Parameter;
use Waage\Material\Shape;
use Waage\Materials\Timber\En1995\TimberBeam;
use Waage\Member\Fields;
use Waage\Units\Kind;

final class Timber implements Material
{
    /** EN 1313-1, preferred sizes of sawn softwood, mm: thicknesses and widths (from memory). */
    private const THICKNESSES = [38, 44, 50, 63, 75, 100];

    private const DEPTHS = [100, 125, 150, 175, 200, 225, 250, 275, 300];

    private const LARGEST = 600.0;

    public function id(): string
    {
        return 'timber';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        $b = $fields->positive($block, 'width', "{$path}width", Kind::Size, 'The width');
        $h = $fields->positive($block, 'depth', "{$path}depth", Kind::Size, 'The depth');
        foreach (['width' => $b, 'depth' => $h] as $key => $size) {
            if ($size > self::LARGEST) {
                $fields->fail("{$path}{$key}", 'Sawn timber of more than 600 mm is not covered.');
            }
        }
        $name = $fields->text($block, 'grade', "{$path}grade");
        $grade = Grade::of($name);
        if ($grade === null) {
            $fields->fail("{$path}grade", 'The strength class is one of: '.implode(', ', Grade::names()).'.');
        }
        $serviceClass = $fields->choice($block, 'serviceClass', "{$path}serviceClass", ServiceClass::Dry);
        $shares = $fields->flag($block, 'sharesLoad', "{$path}sharesLoad", false);

        return $grade === null || $b <= 0.0 || $h <= 0.0
            ? null
            : new TimberMake($b, $h, $grade, $serviceClass, $shares, $shape);
    }

    public function parameters(): array
    {
        return [new Parameter('gammaM', 'gamma_M', 1.3, 1.0, 2.0, 'EN 1995-1-1, Table 2.3, solid timber')];
    }

    public function tools(): array
    {
        return [];
    }

    public function choices(): array
    {
        return ['grade' => Grade::names(), 'serviceClass' => array_column(ServiceClass::cases(), 'value')];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $timber = TimberMake::from($make);
        foreach (self::THICKNESSES as $b) {
            foreach (self::DEPTHS as $h) {
                yield $timber->withSize($b, $h);
            }
        }
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return new TimberBeam($envelopes);
    }

    public function collapse(Design $design, string $combination): array
    {
        return NoCollapse::because('Timber has no plastic hinges: it breaks before it turns.');
    }
}

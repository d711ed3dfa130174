<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Material\Shape;
use Waage\Member\Fields;
use Waage\Units\Kind;

/** Reads the block "coldFormed" of a member document; what is wrong goes to its field. */
final readonly class ColdFormedReader
{
    /** @param  array<array-key, mixed>  $block */
    public function __construct(private Fields $fields, private array $block, private string $path)
    {
    }

    public function read(Shape $shape): ?ColdFormedMake
    {
        $f = $this->fields;
        $of = $f->choice($this->block, 'shape', "{$this->path}shape", SectionShape::LippedC);
        $size = fn (string $key, string $name): float => $f->positive(
            $this->block,
            $key,
            "{$this->path}{$key}",
            Kind::Size,
            $name,
        );
        $isEmpty = fn (string $key): bool => in_array($this->block[$key] ?? '', ['', null], true);
        [$h, $b, $t] = [$size('h', 'The depth'), $size('b', 'The width'), $size('t', 'The thickness')];
        $c = $of->hasLips() ? $size('c', 'The lip') : 0.0;
        $r = $isEmpty('r') ? max(3.0, $t) : $f->quantity($this->block, 'r', "{$this->path}r", Kind::Size);
        $lean = $isEmpty('lean') ? 90.0 : $f->number($this->block, 'lean', "{$this->path}lean", 90.0, 30.0, 150.0);
        $Fy = $f->positive($this->block, 'yield', "{$this->path}yield", Kind::Stress, 'The yield strength');
        [$least, $most] = Standard::of($shape->basis)->yields();
        if ($Fy > 0.0 && ($Fy < $least || $Fy > $most)) {
            $ksi = implode(' and ', array_map(fn (float $MPa): string => (string) round($MPa / 6.895), [$least, $most]));
            $f->fail("{$this->path}yield", "The yield strength lies between {$least} and {$most} MPa ({$ksi} ksi).");
        }
        $sizes = new Sizes($of, $h, $b, $c, $t, $r, ($lean * M_PI) / 180);
        $isRead = min($h, $b, $t, $Fy) > 0.0 && (! $of->hasLips() || $c > 0.0) && $f->areSound("{$this->path}lean");
        // One fault makes others: the first one is told.
        $fault = $isRead ? $sizes->fault() : null;
        if ($fault !== null) {
            $f->fail($this->path.$fault->path, $fault->message);
        }
        $isFastened = $f->flag($this->block, 'fastened', "{$this->path}fastened", true);

        return $isRead && $fault === null ? new ColdFormedMake($sizes, $Fy, $isFastened, $shape) : null;
    }
}

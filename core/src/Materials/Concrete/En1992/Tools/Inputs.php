<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Tools\Input;
use Waage\Units\Kind;

/** What several tools of this standard ask for and work out alike. */
final class Inputs
{
    public const STANDARD = 'EN 1992-1-1:2004+AC:2010';

    public static function strength(): Input
    {
        return Input::of('f_ck', 'cylinder strength of the concrete', Kind::Stress, '30 MPa');
    }

    public static function yield(): Input
    {
        return Input::of('f_yk', 'yield strength of bars', Kind::Stress, '500 MPa');
    }

    /** @return list<Input> γ_C, γ_S, α_cc */
    public static function factors(): array
    {
        return [
            Input::of('gamma_C', 'partial factor of concrete', Kind::Number, '1.5'),
            Input::of('gamma_S', 'partial factor of steel', Kind::Number, '1.15'),
            Input::of('alpha_cc', 'long-term effects', Kind::Number, '1.0'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Waage\Units;

/** What a quantity measures; two quantities can be added only when these agree. */
enum Dimension: string
{
    case Number = 'number';
    case Length = 'length';
    case Force = 'force';
    case LineLoad = 'lineLoad';
    case Stress = 'stress';
    case Moment = 'moment';
    case Area = 'area';
    case AreaByLength = 'areaByLength';
    case Modulus = 'modulus';
    case SecondMoment = 'secondMoment';
    case Warping = 'warping';
    case Stiffness = 'stiffness';
    case Angle = 'angle';
    case UnitWeight = 'unitWeight';
    case Temperature = 'temperature';
    case Frequency = 'frequency';
}

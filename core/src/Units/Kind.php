<?php

declare(strict_types=1);

namespace Waage\Units;

/** How a quantity is shown: a span and a plate thickness are both lengths, but not in the same unit. */
enum Kind: string
{
    case Number = 'number';
    case Length = 'length';
    case Size = 'size';
    case Deflection = 'deflection';

    /** Width of cracks, where hundredths count. */
    case Crack = 'crack';

    case Force = 'force';
    case LineLoad = 'lineLoad';
    case Mass = 'mass';
    case AreaLoad = 'areaLoad';
    case Stress = 'stress';

    /** Of timber, where tenths count. */
    case LowStress = 'lowStress';

    case ModulusOfElasticity = 'modulusOfElasticity';
    case Moment = 'moment';
    case Area = 'area';

    /** Of bars. */
    case SteelArea = 'steelArea';

    /** Of links. */
    case AreaByLength = 'areaByLength';

    case FloorArea = 'floorArea';
    case Modulus = 'modulus';
    case SecondMoment = 'secondMoment';
    case Warping = 'warping';
    case Stiffness = 'stiffness';
    case Spring = 'spring';
    case RotationSpring = 'rotationSpring';
    case Rotation = 'rotation';
    case Angle = 'angle';
    case Temperature = 'temperature';
    case UnitWeight = 'unitWeight';
    case Frequency = 'frequency';

    public function dimension(): Dimension
    {
        return Dimension::from(UnitTable::kind($this)['dimension']);
    }
}

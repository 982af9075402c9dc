<?php

declare(strict_types=1);

namespace App\Providers;

use App\Offer\Things\AddOnThing;
use App\Offer\Things\CategoryThing;
use App\Offer\Things\DaypartThing;
use App\Offer\Things\QuestionThing;
use App\Offer\Things\ServiceThing;
use App\Roster\Things\AccessThing;
use App\Roster\Things\ClosureThing;
use App\Roster\Things\FactsThing;
use App\Roster\Things\LocationThing;
use App\Roster\Things\OpeningHoursThing;
use App\Roster\Things\OrderThing;
use App\Roster\Things\PersonThing;
use App\Roster\Things\PoolThing;
use App\Roster\Things\SpecialDayThing;
use App\Roster\Things\TimeOffThing;

/** Every kind of thing that is set up, by the word the API uses. */
final class Kinds
{
    public const OF_THINGS = [
        'facts' => FactsThing::class,
        'openingHours' => OpeningHoursThing::class,
        'specialDay' => SpecialDayThing::class,
        'closure' => ClosureThing::class,
        'person' => PersonThing::class,
        'timeOff' => TimeOffThing::class,
        'access' => AccessThing::class,
        'location' => LocationThing::class,
        'pool' => PoolThing::class,
        'daypart' => DaypartThing::class,
        'category' => CategoryThing::class,
        'service' => ServiceThing::class,
        'addOn' => AddOnThing::class,
        'question' => QuestionThing::class,
        'order' => OrderThing::class,
    ];
}

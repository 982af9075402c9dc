<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bookings\BookPaid;
use App\Messages\MailChannel;
use App\Models\ChannelName;
use App\Offer\Things\CategoryThing;
use App\Offer\Things\DaypartThing;
use App\Offer\Things\QuestionThing;
use App\Offer\Things\ServiceThing;
use App\Payments\ChargeChannel;
use App\Payments\RefundChannel;
use App\Prices\Things\AddOnThing;
use App\Prices\Things\OfferCodeThing;
use App\Prices\Things\SurchargeThing;
use App\Prices\Things\TaxesThing;
use App\Prices\Things\TaxRateThing;
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

/** What there is of each kind that lower rooms only know by an interface. */
final class Kinds
{
    /** What goes out of the house, by lane and channel. */
    public const OF_CHANNELS = [
        'mail' => [ChannelName::Mail->value => MailChannel::class],
        'money' => [
            ChannelName::Refund->value => RefundChannel::class,
            ChannelName::Charge->value => ChargeChannel::class,
        ],
    ];

    /** What is sold and paid for online. */
    public const OF_FULFILMENTS = [BookPaid::class];

    /** What is set up, by the word the API uses. */
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
        'taxes' => TaxesThing::class,
        'taxRate' => TaxRateThing::class,
        'surcharge' => SurchargeThing::class,
        'offerCode' => OfferCodeThing::class,
        'question' => QuestionThing::class,
        'order' => OrderThing::class,
    ];
}

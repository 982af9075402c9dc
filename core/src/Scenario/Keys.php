<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

/** Which keys the larger objects of a document may have. */
final class Keys
{
    public const DOCUMENT = [
        'format',
        'business',
        'locations',
        'resources',
        'staff',
        'services',
        'sessions',
        'bookings',
        'clients',
        'codes',
        'waitlist',
    ];

    public const BUSINESS = [
        'name',
        'timeZone',
        'currency',
        'openingHours',
        'specialDays',
        'closures',
        'dayparts',
        'travelMinutes',
        'tightDays',
        'pricesIncludeTax',
        'taxRates',
        'surcharges',
    ];

    public const STAFF = [
        'id',
        'name',
        'active',
        'hours',
        'specialDays',
        'breaks',
        'timeOff',
        'busy',
        'respectBusy',
        'maxPerDay',
        'rates',
    ];

    public const SERVICE = [
        'id',
        'name',
        'kind',
        'minutes',
        'setup',
        'clearup',
        'startEvery',
        'startFrom',
        'noticeMinutes',
        'bookAheadDays',
        'hours',
        'dayparts',
        'availableFrom',
        'availableUntil',
        'locations',
        'staff',
        'assignment',
        'resources',
        'places',
        'maxParty',
        'maxPerDay',
        'pricing',
        'addOns',
        'payment',
        'staffPay',
    ];

    public const CLIENT = ['id', 'name', 'rates'];

    public const SESSION = ['id', 'service', 'start', 'minutes', 'staff', 'location', 'units', 'places', 'state'];

    public const BOOKING = [
        'id',
        'service',
        'session',
        'start',
        'minutes',
        'setup',
        'clearup',
        'staff',
        'location',
        'units',
        'party',
        'client',
        'state',
        'heldUntil',
        'createdAt',
        'doubleBooked',
    ];

    public const WAITLIST = [
        'id',
        'service',
        'minutes',
        'extra',
        'party',
        'staff',
        'locations',
        'from',
        'until',
        'windows',
        'client',
        'createdAt',
    ];
}

<?php

declare(strict_types=1);

use YardBell\Core\Booking\State;

it('lets a state be followed only by what may follow (part 5)', function (State $from, array $next): void {
    expect(
        array_map(
            fn (State $state): string => $state->value,
            array_values(array_filter(State::cases(), $from->mayBecome(...))),
        ),
    )->toBe($next);
})->with([
    [State::Held, ['pending', 'confirmed', 'cancelled', 'expired']],
    [State::Pending, ['confirmed', 'cancelled', 'declined', 'expired']],
    [State::Confirmed, ['pending', 'arrived', 'started', 'completed', 'no_show', 'cancelled']],
    [State::Arrived, ['started', 'completed', 'no_show', 'cancelled']],
    [State::Started, ['completed']],
    [State::Cancelled, []],
    [State::Declined, []],
    [State::Expired, ['held']],
    [State::Completed, []],
    [State::NoShow, []],
]);

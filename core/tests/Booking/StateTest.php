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

it('is again what it was before a press of its day, or before it was cancelled (part 5)', function (
    State $from,
    array $before,
): void {
    expect(
        array_map(
            fn (State $state): string => $state->value,
            array_values(array_filter(State::cases(), $from->mayReturnTo(...))),
        ),
    )->toBe($before);
})->with([
    [State::Arrived, ['confirmed']],
    [State::Started, ['confirmed', 'arrived']],
    [State::Completed, ['confirmed', 'arrived', 'started']],
    [State::NoShow, ['confirmed', 'arrived']],
    [State::Cancelled, ['pending', 'confirmed', 'arrived']],
    [State::Held, []],
    [State::Declined, []],
    [State::Expired, []],
]);

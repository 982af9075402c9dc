<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\Cancelling;
use App\Bookings\Missing;
use App\Bookings\Restoring;
use App\Http\Asker;
use App\Messages\Telling;
use App\Support\Given;
use Illuminate\Http\Request;

/** Reads how a booking is given up, or that is taken back: the same for trying it and for doing it. */
final class GivenUp
{
    private const WORDS = ['*.max' => 'wrong.plain.too_long?max=:max'];

    private const SEEN = ['seen' => 'nullable|string|max:40'];

    private const WAIVED = ['waived' => 'nullable|string|max:300'];

    public static function cancelling(Request $request): Cancelling
    {
        $given = Given::in($request->validate([
            'asks' => 'required|in:client,house',
            'why' => 'nullable|string|max:300',
            'told' => 'nullable|boolean',
            'later' => 'nullable|boolean',
            'whole' => 'nullable|boolean',
        ] + self::WAIVED + self::SEEN, self::WORDS));
        $isClient = $given->string('asks') === 'client';

        return new Cancelling(
            by: Asker::access($request)->user->name,
            termsCount: $isClient,
            why: $given->text('why'),
            waived: $isClient ? $given->text('waived') : '',
            whom: Telling::client(! $given->has('told') || $given->bool('told')),
            seen: $given->text('seen') ?: null,
            whole: $given->bool('whole'),
            later: $given->bool('later'),
        );
    }

    public static function missing(Request $request): Missing
    {
        $given = Given::in(
            $request->validate(['told' => 'nullable|boolean'] + self::WAIVED + self::SEEN, self::WORDS),
        );

        return new Missing(
            by: Asker::access($request)->user->name,
            waived: $given->text('waived'),
            told: ! $given->has('told') || $given->bool('told'),
            seen: $given->text('seen') ?: null,
        );
    }

    public static function takingBack(Request $request): Restoring
    {
        $given = Given::in($request->validate([
            'refundsCharge' => 'nullable|boolean',
            'told' => 'nullable|boolean',
            'together' => 'nullable|boolean',
        ] + self::SEEN, self::WORDS));

        return new Restoring(
            by: Asker::access($request)->user->name,
            refundsCharge: $given->bool('refundsCharge'),
            told: ! $given->has('told') || $given->bool('told'),
            seen: $given->text('seen') ?: null,
            together: $given->bool('together'),
        );
    }
}

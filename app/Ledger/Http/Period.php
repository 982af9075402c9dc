<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Models\Business;
use App\Support\Checks;
use App\Support\Clock;
use App\Support\Given;
use Illuminate\Http\Request;

/** From one local date to another, both included; left out: this month up to today. Or this month, or the last. */
final readonly class Period
{
    private function __construct(public string $from, public string $until)
    {
    }

    public static function read(Request $request, Business $business, Clock $clock): self
    {
        $given = Given::in($request->validate([
            'from' => ['nullable', Checks::date()],
            'until' => ['nullable', Checks::date()],
            'month' => 'nullable|in:this,last',
        ]));
        $now = $clock->now()->setTimezone($business->time_zone);
        $today = $now->format('Y-m-d');
        if ($given->text('month') !== '') {
            $month = $given->text('month') === 'last' ? $now->subMonthNoOverflow() : $now;

            return new self($month->format('Y-m-01'), $month->format('Y-m-t'));
        }

        return new self(
            $given->stringIf('from') ?? substr($today, 0, 8).'01',
            $given->stringIf('until') ?? $today,
        );
    }
}

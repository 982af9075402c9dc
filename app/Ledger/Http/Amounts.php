<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Support\Given;
use Illuminate\Http\Request;

/** How amounts of money are asked for: whole numbers of the minor unit, at most 10^12. */
final class Amounts
{
    private const MOST = 1_000_000_000_000;

    /** @return list<string> */
    public static function some(): array
    {
        return ['present', 'integer', 'min:0', 'max:'.self::MOST];
    }

    /** @return list<string> */
    public static function something(): array
    {
        return ['required', 'integer', 'min:1', 'max:'.self::MOST];
    }

    /** @return list<string> a correction may take something off */
    public static function eitherWay(): array
    {
        return ['required', 'integer', 'not_in:0', 'min:-'.self::MOST, 'max:'.self::MOST];
    }

    /**
     * An amount that moves, why, and what was owed as the screen showed it.
     *
     * @param  array<string, mixed>  $more rules
     */
    public static function withReason(Request $request, array $more = []): Given
    {
        return self::check($request, [
            'amount' => self::something(),
            'why' => 'required|string|max:300',
            'seen' => 'required|integer',
            ...$more,
        ]);
    }

    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, string>  $sentences of other fields
     */
    public static function check(Request $request, array $rules, array $sentences = []): Given
    {
        $amount = 'wrong.money.no_amount';
        $said = ['*.min' => $amount, '*.max' => $amount, '*.not_in' => $amount, '*.integer' => $amount];

        return Given::in($request->validate($rules, [...$sentences, ...$said]));
    }
}

<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Choice;
use App\Bookings\Tariffs;
use App\Models\Business;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/**
 * Reads what a client has chosen so far, from a question or from what is sent. By hand: it is read for every look at
 * the times.
 */
final readonly class ReadChoice
{
    private const LONGEST_ID = 26;

    private const LARGEST_PARTY = 100_000;

    private const LONGEST_MINUTES = 43_200;

    /** Add-ons of different kinds, and of one kind. */
    private const MOST = 20;

    public function __construct(private Tariffs $tariffs)
    {
    }

    /** @throws ValidationException by field */
    public function __invoke(Request $request, Business $business, string $service): Choice
    {
        $addOns = self::addOns($request->input('addOns'));

        return new Choice(
            $service,
            self::id($request, 'staff', 'wrong.choice.no_such_person'),
            self::number(
                $request->input('party'),
                'party',
                self::LARGEST_PARTY,
                'wrong.choice.how_many_come',
            ) ?? 1,
            self::number(
                $request->input('minutes'),
                'minutes',
                self::LONGEST_MINUTES,
                'wrong.choice.length_whole_number',
            ),
            self::id($request, 'location', 'wrong.choice.no_such_place'),
            $addOns,
            $this->tariffs->extraMinutes($business, $service, $addOns),
        );
    }

    private static function id(Request $request, string $field, string $sentence): ?string
    {
        $id = $request->input($field);
        if ($id === null || (is_string($id) && strlen($id) <= self::LONGEST_ID)) {
            return $id;
        }

        throw ValidationException::withMessages([$field => $sentence]);
    }

    private static function number(mixed $given, string $field, int $most, string $sentence): ?int
    {
        $number =
            $given === null
                ? null
                : filter_var($given, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => $most]]);

        return $number === false ? throw ValidationException::withMessages([$field => $sentence]) : $number;
    }

    /** @return array<string, int> quantity by id */
    private static function addOns(mixed $given): array
    {
        if (! is_array($given ?? []) || count($given ?? []) > self::MOST) {
            throw ValidationException::withMessages([
                'addOns' => 'wrong.choice.add_ons_chosen?most='.self::MOST,
            ]);
        }
        $addOns = [];
        foreach ($given ?? [] as $id => $quantity) {
            $addOns[(string) $id] = (int) self::number(
                $quantity ?? 0,
                "addOns.{$id}",
                self::MOST,
                'wrong.choice.add_on_quantity?most='.self::MOST,
            );
        }

        return $addOns;
    }
}

<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Business;
use App\Prices\PriceLists;
use App\Times\Choice;
use App\Times\VisitChoice;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Availability\VisitAsk;

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

    public function __construct(private PriceLists $lists, private Published $published)
    {
    }

    /** @throws ValidationException by field */
    public function __invoke(Request $request, Business $business, string $service): Choice
    {
        $party = self::number(
            $request->input('party'),
            'party',
            self::LARGEST_PARTY,
            'wrong.choice.party',
        ) ?? 1;

        return $this->one(given: $request->all(), at: '', business: $business, service: $service, party: $party);
    }

    /**
     * Several services one after the other (rules.md T20): what is chosen first, and what is to follow it.
     *
     * @return VisitChoice|null null: one alone
     *
     * @throws ValidationException by field
     */
    public function visit(Request $request, Business $business, Choice $first): ?VisitChoice
    {
        $then = $request->input('then');
        $then = is_string($then) ? json_decode($then, true) ?? $then : $then; // in an address it is written as JSON
        if ($then === null || $then === []) {
            return null;
        }
        if (! is_array($then) || ! array_is_list($then) || count($then) >= VisitAsk::MOST) {
            throw ValidationException::withMessages(['then' => 'wrong.desk.parts?most='.VisitAsk::MOST]);
        }
        $parts = [$first];
        $named = array_values(array_filter(array_column($then, 'service'), is_string(...)));
        $offered = $named === [] ? [] : $this->published->offered($business, $named);
        foreach ($then as $i => $given) {
            $service = is_array($given) ? $given['service'] ?? null : null;
            if (! is_array($given) || ! in_array($service, $offered, true)) {
                throw ValidationException::withMessages(["then.{$i}.service" => 'wrong.desk.service']);
            }
            $parts[] = $this->one(
                given: $given,
                at: "then.{$i}.",
                business: $business,
                service: $service,
                party: $first->party,
            );
        }
        $wait = filter_var(
            $request->input('maxWait') ?? 0,
            FILTER_VALIDATE_INT,
            ['options' => ['min_range' => 0, 'max_range' => VisitAsk::LONGEST_WAIT]],
        );
        if ($wait === false) {
            throw ValidationException::withMessages([
                'maxWait' => 'wrong.desk.wait?most='.VisitAsk::LONGEST_WAIT,
            ]);
        }

        return new VisitChoice($parts, $wait, $request->boolean('anyOrder'), $request->boolean('samePerson'));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  string  $at before the names of its fields
     */
    private function one(array $given, string $at, Business $business, string $service, int $party): Choice
    {
        $addOns = self::addOns($given['addOns'] ?? null, $at);

        return new Choice(
            service: $service,
            member: self::id($given['staff'] ?? null, "{$at}staff", 'wrong.choice.no_such_person'),
            party: $party,
            minutes: self::number(
                $given['minutes'] ?? null,
                "{$at}minutes",
                self::LONGEST_MINUTES,
                'wrong.choice.minutes',
            ),
            location: self::id($given['location'] ?? null, "{$at}location", 'wrong.choice.no_such_place'),
            addOns: $addOns,
            extra: $this->lists->extraMinutes($business, $service, $addOns),
        );
    }

    private static function id(mixed $id, string $field, string $sentence): ?string
    {
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
    private static function addOns(mixed $given, string $at): array
    {
        if (! is_array($given ?? []) || count($given ?? []) > self::MOST) {
            throw ValidationException::withMessages([
                "{$at}addOns" => 'wrong.choice.add_ons?most='.self::MOST,
            ]);
        }
        $addOns = [];
        foreach ($given ?? [] as $id => $quantity) {
            $addOns[(string) $id] = (int) self::number(
                $quantity ?? 0,
                "{$at}addOns.{$id}",
                self::MOST,
                'wrong.choice.add_on_quantity?most='.self::MOST,
            );
        }

        return $addOns;
    }
}

<?php

declare(strict_types=1);

namespace App\Offer;

use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** The visit whose price an owner looks at while they set it. */
final readonly class QuoteAsked
{
    private const LARGEST_PARTY = 1000;

    /**
     * @param  int  $wall start, as clocks show it there
     * @param  int  $visit which of the client's in its period: 2 for the second (rules.md P5)
     * @param  array<string, int>  $addOns quantity by id
     * @param  list<string>  $codes
     * @param  string|null  $client whose own price it is
     */
    private function __construct(
        public int $wall,
        public ?string $staff,
        public ?int $minutes,
        public int $party,
        public int $visit,
        public array $addOns,
        public array $codes,
        public ?string $client,
    ) {
    }

    public static function read(Request $request, Business $business): self
    {
        $given = Given::in(
            $request->validate([
                'at' => ['required', Checks::wall()],
                'staff' => ['present', 'nullable', ...Checks::of($business, 'staff')],
                'minutes' => 'present|nullable|integer|min:1|max:43200',
                'party' => 'required|integer|min:1|max:'.self::LARGEST_PARTY,
                'visit' => 'required|integer|min:1|max:100',
                'addOns' => 'present|array|max:20',
                'addOns.*' => 'integer|min:1|max:20',
                'codes' => 'present|array|list|max:5',
                'codes.*' => 'string|max:60',
                'client' => ['nullable', ...Checks::of($business, 'clients')],
            ]),
        );
        $addOns = [];
        foreach ($given->under('addOns')->all() as $id => $quantity) {
            $addOns[(string) $id] = is_numeric($quantity) ? (int) $quantity : 1;
        }

        return new self(
            wall: Wall::dateTime($given->string('at')),
            staff: $given->stringIf('staff'),
            minutes: $given->intIf('minutes'),
            party: $given->int('party'),
            visit: $given->int('visit'),
            addOns: $addOns,
            codes: $given->strings('codes'),
            client: $given->stringIf('client'),
        );
    }
}

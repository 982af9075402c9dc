<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Choice;
use App\Models\Business;
use App\Offer\Tariffs;
use Illuminate\Http\Request;

/** Reads what a client has chosen so far, from a question or from what is sent. */
final readonly class ReadChoice
{
    private const RULES = [
        'staff' => 'nullable|string|max:26',
        'party' => 'nullable|integer|min:1|max:100000',
        'minutes' => 'nullable|integer|min:1|max:43200',
        'location' => 'nullable|string|max:26',
        'addOns' => 'nullable|array|max:20',
        'addOns.*' => 'integer|min:1|max:20',
    ];

    public function __construct(private Tariffs $tariffs)
    {
    }

    public function __invoke(Request $request, Business $business, string $service): Choice
    {
        $asked = $request->validate(self::RULES, ['addOns.*' => 'Of an add-on 1 to 20 can be had.']);
        $addOns = [];
        foreach ($asked['addOns'] ?? [] as $id => $quantity) {
            $addOns[(string) $id] = (int) $quantity;
        }

        return new Choice(
            $service,
            $asked['staff'] ?? null,
            (int) ($asked['party'] ?? 1),
            isset($asked['minutes']) ? (int) $asked['minutes'] : null,
            $asked['location'] ?? null,
            $addOns,
            $this->tariffs->extraMinutes($business, $service, $addOns),
        );
    }
}

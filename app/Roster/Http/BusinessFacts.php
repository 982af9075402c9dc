<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Models\Business;
use App\Models\Location;
use App\Roster\Setup;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Zone;

/** Name, address of the page, time zone, currency, place. */
final readonly class BusinessFacts
{
    public const SENTENCES = [
        'name.required' => 'What is the business called?',
        'slug.required' => 'The page needs an address.',
        'slug.regex' => 'Small letters, digits and hyphens, at least two: harbour-pottery.',
        'slug.unique' => 'Another business has this address already.',
        'slug.not_in' => 'This address is needed by Yard Bell itself.',
        'timeZone.required' => 'In which time zone is the business?',
        'currency.regex' => 'Three capitals, like EUR.',
        'max' => 'At most :max characters fit here.',
    ];

    public function __construct(private ConnectionInterface $db, private Setup $setup)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);
        $facts = $request->validate(self::rules($business->id), self::SENTENCES);
        $this->db->transaction(static function () use ($business, $facts): void {
            $business->update([
                'name' => trim($facts['name']), 'slug' => $facts['slug'], 'about' => trim($facts['about'] ?? ''),
                'time_zone' => $facts['timeZone'], 'currency' => $facts['currency'],
            ]);
            if (isset($facts['address'])) {
                Location::query()->where('business_id', $business->id)->orderBy('position')->limit(1)->update(['address' => trim($facts['address'])]);
            }
        });

        return new JsonResponse($this->setup->of($business));
    }

    /** @return array<string, list<mixed>> */
    public static function rules(?int $except): array
    {
        $zone = static function (string $attribute, mixed $value, Closure $fail): void {
            try {
                Zone::named(is_string($value) ? $value : '');
            } catch (InvalidTime $wrong) {
                $fail($wrong->getMessage());
            }
        };

        return [
            'name' => ['required', 'string', 'max:120'],
            'slug' => ['required', 'string', 'max:60', 'regex:/^[a-z0-9][a-z0-9-]*[a-z0-9]\z/', Rule::unique('businesses', 'slug')->ignore($except)],
            'about' => ['nullable', 'string', 'max:500'],
            'address' => ['nullable', 'string', 'max:300'],
            'timeZone' => ['required', 'string', $zone],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}\z/'],
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Bookings\ProofOfAddress;
use App\Changes\Thing;
use App\Clients\PhoneNumber;
use App\Models\Business;
use App\Roster\Checks;
use App\Support\WeeklyTable;
use Closure;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/** What a business is called, where its page is, how it counts time and money. */
final readonly class FactsThing implements Thing
{
    /** Addresses of pages that Yard Bell itself needs. */
    private const TAKEN = ['api', 'book', 'new', 'start', 'sign-in'];

    public function rules(Business $business, ?string $id): array
    {
        return [
            ...self::first($business->id),
            'email' => 'nullable|string|max:190|email:rfc',
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'links' => 'present|array|list|max:6',
            'links.*' => ['required', 'string', 'max:300', Checks::link()],
            'clock' => 'required|in:12,24',
            'firstWeekday' => ['required', Rule::in(Wall::WEEKDAYS)],
            'publicHours' => ['present', 'nullable', new WeeklyTable],
            'travelMinutes' => 'required|integer|min:0|max:720',
            'proof' => ['nullable', Rule::in(ProofOfAddress::CHOICES)],
            'logo' => Checks::picture($business),
            'banner' => Checks::picture($business),
        ];
    }

    /** @return array<string, list<mixed>> those a business begins with; $except: the one that may keep its address */
    public static function first(?int $except): array
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
            'slug' => ['required', 'string', 'max:60', 'regex:/^[a-z0-9][a-z0-9-]*[a-z0-9]\z/', Rule::notIn(self::TAKEN), Rule::unique('businesses', 'slug')->ignore($except)],
            'about' => ['nullable', 'string', 'max:500'],
            'timeZone' => ['required', 'string', 'max:60', $zone],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}\z/'],
        ];
    }

    public function sentences(): array
    {
        return self::SENTENCES;
    }

    public const SENTENCES = [
        'name.required' => 'What is the business called?',
        'slug.required' => 'The page needs an address.',
        'slug.regex' => 'Small letters, digits and hyphens, at least two: harbour-pottery.',
        'slug.unique' => 'Another business has this address already.',
        'slug.not_in' => 'This address is needed by Yard Bell itself.',
        'timeZone.required' => 'In which time zone is the business?',
        'currency.*' => 'Three capitals, like EUR.',
        'email.email' => 'This does not look like a mail address. One looks like name@example.com.',
        'travelMinutes.*' => 'The way from one place to another takes 0 to 720 minutes.',
        'links.max' => 'At most :max links fit on the page.',
    ];

    public function shaped(array $given): array
    {
        return [
            'name' => trim($given['name']), 'slug' => $given['slug'], 'about' => trim($given['about'] ?? ''), 'timeZone' => $given['timeZone'], 'currency' => $given['currency'],
            'email' => $given['email'] ?? '', 'phone' => trim($given['phone'] ?? ''), 'links' => $given['links'],
            'clock' => (int) $given['clock'], 'firstWeekday' => $given['firstWeekday'], 'publicHours' => WeeklyTable::whole($given['publicHours']),
            'travelMinutes' => (int) $given['travelMinutes'], 'proof' => $given['proof'] ?? 'abuse', 'logo' => $given['logo'] ?? null, 'banner' => $given['banner'] ?? null,
        ];
    }

    public function read(Business $business, string $id): ?array
    {
        return $id !== 'business' ? null : [
            'name' => $business->name, 'slug' => $business->slug, 'about' => $business->about, 'timeZone' => $business->time_zone, 'currency' => $business->currency,
            'email' => $business->email, 'phone' => $business->phone, 'links' => $business->links,
            'clock' => $business->clock, 'firstWeekday' => $business->first_weekday, 'publicHours' => WeeklyTable::whole($business->public_hours),
            'travelMinutes' => $business->travel_minutes, 'proof' => $business->proof, 'logo' => $business->logo, 'banner' => $business->banner,
        ];
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        assert($content !== null);
        $business->update([
            'name' => $content['name'], 'slug' => $content['slug'], 'about' => $content['about'], 'time_zone' => $content['timeZone'], 'currency' => $content['currency'],
            'email' => $content['email'], 'phone' => $content['phone'], 'links' => $content['links'],
            'clock' => $content['clock'], 'first_weekday' => $content['firstWeekday'], 'public_hours' => $content['publicHours'],
            'travel_minutes' => $content['travelMinutes'], 'proof' => $content['proof'], 'logo' => $content['logo'], 'banner' => $content['banner'],
        ]);
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        return $content === null ? 'A business has its facts as long as it is there.' : null;
    }

    public function name(array $content): string
    {
        return 'The business';
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        assert($content !== null);
        $book = $content['travelMinutes'] === $book->travelMinutes ? $book : $book->with(travelMinutes: $content['travelMinutes']);

        return $content['timeZone'] === $book->zone->name ? $book : $book->in(Zone::named($content['timeZone']));
    }
}

<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Bookings\ProofOfAddress;
use App\Changes\Content;
use App\Clients\PhoneNumber;
use App\Facts\AnswerTime;
use App\Language\Languages;
use App\Models\Business;
use App\Models\TaxDay;
use App\Support\Checks;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\MailAddress;
use App\Support\WeeklyTable;
use Closure;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\TightDays;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/**
 * What a business is called, where its page is, how it counts time and money.
 *
 * @phpstan-import-type Week from WeeklyTable
 */
final readonly class FactsContent extends Content
{
    private const ASKS = ['never', 'optional', 'required'];

    /** Addresses of pages that Yard Bell itself needs. */
    private const TAKEN = ['api', 'book', 'new', 'start', 'sign-in'];

    /**
     * @param  list<string>  $links
     * @param  string  $locale language and country: "en-GB"
     * @param  int  $clock 12 or 24 hours
     * @param  Week|null  $publicHours null: the opening hours
     * @param  string  $tightDays off, mark or only (rules.md T21)
     * @param  string  $proof of an address (see ProofOfAddress)
     * @param  int  $answerMinutes within which a request is answered, as clients are told
     * @param  string  $asksPhone of clients who book: one of ASKS
     * @param  string  $consent what a client agrees to when booking, in the business's words; empty: nothing
     */
    public function __construct(
        public string $name,
        public string $slug,
        public string $about,
        public string $timeZone,
        public string $currency,
        public string $email,
        public string $phone,
        public array $links,
        public string $locale,
        public int $clock,
        public string $firstWeekday,
        public ?array $publicHours,
        public int $travelMinutes,
        public string $tightDays,
        public bool $searchable,
        public string $taxNumber,
        public string $taxDay,
        public string $proof,
        public int $answerMinutes,
        public string $asksPhone,
        public string $consent,
        public ?string $logo,
        public ?string $banner,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            name: $given->text('name'),
            slug: $given->string('slug'),
            about: $given->text('about'),
            timeZone: $given->string('timeZone'),
            currency: $given->string('currency'),
            email: $given->string('email'),
            phone: $given->text('phone'),
            links: $given->strings('links'),
            locale: $given->string('locale'),
            clock: $given->int('clock'),
            firstWeekday: $given->string('firstWeekday'),
            publicHours: WeeklyTable::of($given, 'publicHours'),
            travelMinutes: $given->int('travelMinutes'),
            tightDays: $given->stringIf('tightDays') ?? TightDays::Off->value,
            searchable: ! $given->has('searchable') || $given->bool('searchable'),
            taxNumber: $given->text('taxNumber'),
            taxDay: $given->stringIf('taxDay') ?? TaxDay::usual($given->string('locale'))->value,
            proof: $given->stringIf('proof') ?? 'abuse',
            answerMinutes: $given->intIf('answerMinutes') ?? AnswerTime::USUAL,
            asksPhone: $given->stringIf('asksPhone') ?? 'optional',
            consent: trim($given->stringIf('consent') ?? ''),
            logo: $given->stringIf('logo'),
            banner: $given->stringIf('banner'),
        );
    }

    public static function of(Business $business): self
    {
        return new self(
            name: $business->name,
            slug: $business->slug,
            about: $business->about,
            timeZone: $business->time_zone,
            currency: $business->currency,
            email: $business->email,
            phone: $business->phone,
            links: $business->links,
            locale: $business->locale,
            clock: $business->clock,
            firstWeekday: $business->first_weekday,
            publicHours: WeeklyTable::whole($business->public_hours),
            travelMinutes: $business->travel_minutes,
            tightDays: $business->tight_days->value,
            searchable: $business->searchable,
            taxNumber: $business->tax_number,
            taxDay: $business->tax_day->value,
            proof: $business->proof,
            answerMinutes: $business->answer_minutes,
            asksPhone: $business->asks_phone,
            consent: $business->consent,
            logo: $business->logo,
            banner: $business->banner,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            ...self::first($business->id),
            'email' => ['nullable', 'string', 'max:190', new MailAddress()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'links' => 'present|array|list|max:6',
            'links.*' => ['required', 'string', 'max:300', Checks::link()],
            'locale' => ['required', Rule::in(app(Languages::class)->locales())],
            'clock' => 'required|in:12,24',
            'firstWeekday' => ['required', Rule::in(Wall::WEEKDAYS)],
            'publicHours' => ['present', 'nullable', new WeeklyTable()],
            'travelMinutes' => 'required|integer|min:0|max:720',
            'tightDays' => ['nullable', Rule::enum(TightDays::class)],
            'searchable' => 'nullable|boolean',
            'taxNumber' => 'nullable|string|max:40',
            'taxDay' => ['nullable', Rule::enum(TaxDay::class)],
            'proof' => ['nullable', Rule::in(ProofOfAddress::CHOICES)],
            'answerMinutes' => 'nullable|integer|min:30|max:43200',
            'asksPhone' => ['nullable', Rule::in(self::ASKS)],
            'consent' => 'nullable|string|max:1000',
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
                $fail(CoreSentence::of($wrong)->text());
            }
        };
        $free = Rule::unique('businesses', 'slug')->ignore($except);

        return [
            'name' => ['required', 'string', 'max:120'],
            'slug' => [
                'required',
                'string',
                'max:60',
                'regex:/^[a-z0-9][a-z0-9-]*[a-z0-9]\z/',
                Rule::notIn(self::TAKEN),
                $free,
            ],
            'about' => ['nullable', 'string', 'max:500'],
            'timeZone' => ['required', 'string', 'max:60', $zone],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}\z/'],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.facts.name_required',
            'slug.required' => 'wrong.facts.slug_required',
            'slug.regex' => 'wrong.facts.slug_form',
            'slug.unique' => 'wrong.facts.slug_taken',
            'slug.not_in' => 'wrong.facts.slug_reserved',
            'timeZone.required' => 'wrong.facts.time_zone',
            'currency.*' => 'wrong.facts.currency',
            'travelMinutes.*' => 'wrong.facts.travel',
            'answerMinutes.*' => 'wrong.facts.answer_within',
            'links.max' => 'wrong.facts.links?max=:max',
        ];
    }

    public function name(): string
    {
        return 'thing.facts';
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'slug' => $this->slug,
            'about' => $this->about,
            'time_zone' => $this->timeZone,
            'currency' => $this->currency,
            'email' => $this->email,
            'phone' => $this->phone,
            'links' => $this->links,
            'locale' => $this->locale,
            'clock' => $this->clock,
            'first_weekday' => $this->firstWeekday,
            'public_hours' => $this->publicHours,
            'travel_minutes' => $this->travelMinutes,
            'tight_days' => $this->tightDays,
            'searchable' => $this->searchable,
            'tax_number' => $this->taxNumber,
            'tax_day' => $this->taxDay,
            'proof' => $this->proof,
            'answer_minutes' => $this->answerMinutes,
            'asks_phone' => $this->asksPhone,
            'consent' => $this->consent,
            'logo' => $this->logo,
            'banner' => $this->banner,
        ];
    }
}

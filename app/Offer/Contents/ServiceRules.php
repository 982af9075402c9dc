<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Facts\Badge;
use App\Models\Business;
use App\Prices\Contents\CancellationContent;
use App\Prices\Contents\PaymentContent;
use App\Prices\Contents\PricingContent;
use App\Prices\Contents\StaffPayContent;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Later;
use App\Support\WeeklyTable;
use Closure;
use Illuminate\Validation\Rule;

/** What a service must be like, field by field, and what is said where it is not. */
final class ServiceRules
{
    /** Longest in minutes that a service, its set-up or its clear-up may last: a week, for kilns. */
    private const LONGEST = 10_080;

    public const SENTENCES = [
        'name.required' => 'wrong.service.name_required',
        'minutes.*' => 'wrong.service.minutes',
        'choices.*' => 'wrong.service.choices',
        'range.*' => 'wrong.service.range',
        'setup.*' => 'wrong.service.setup',
        'clearup.*' => 'wrong.service.clearup',
        'startEvery.*' => 'wrong.service.start_every',
        'noticeMinutes.*' => 'wrong.service.notice',
        'bookAheadDays.*' => 'wrong.service.book_ahead',
        'staff.*' => 'wrong.service.staff',
        'locations.*' => 'wrong.service.locations',
        'resources.*.pool.*' => 'wrong.service.pools',
        'resources.*.units.*' => 'wrong.service.units',
        'places.*' => 'wrong.service.places',
        'maxParty.*' => 'wrong.service.max_party',
        'maxPerDay.*' => 'wrong.service.max_per_day',
        'max' => 'wrong.plain.too_many?max=:max',
        'max.string' => 'wrong.plain.too_long?max=:max',
    ];

    /** @return array<string, mixed> */
    public static function of(Business $business): array
    {
        $length = 'integer|min:1|max:'.self::LONGEST;

        return [
            'name' => 'required|string|max:120',
            'category' => ['present', 'nullable', ...Checks::of($business, 'categories')],
            'description' => 'nullable|string|max:2000',
            'picture' => Checks::picture($business),
            'staffNote' => 'nullable|string|max:2000',
            'bring' => 'nullable|string|max:500',
            'head' => 'nullable|required_with:heads|string|max:40',
            'heads' => 'nullable|required_with:head|string|max:40',
            'kind' => 'required|in:appointment,session',
            'minutes' => "required|{$length}",
            'choices' => 'present|array|list|max:12',
            'choices.*' => "distinct|{$length}",
            'range' => ['present', 'nullable', 'array:min,max,step', self::range()],
            'range.min' => "required_with:range|{$length}",
            'range.max' => "required_with:range|{$length}",
            'range.step' => "required_with:range|{$length}",
            'setup' => 'required|integer|min:0|max:1440',
            'clearup' => 'required|integer|min:0|max:1440',
            'colour' => ['nullable', Rule::in(Badge::COLOURS)],
            'pattern' => ['nullable', Rule::in(Badge::PATTERNS)],
            'approval' => 'required|boolean',
            ...PricingContent::rules($business, null),
            ...PaymentContent::rules($business, null),
            ...CancellationContent::rules($business, null),
            ...StaffPayContent::rules($business, null),
            'visibility' => 'required|in:page,link,desk',
            'active' => 'required|boolean',
            ...self::whoAndWhere($business),
            ...self::when($business),
        ];
    }

    /** @return array<string, mixed> */
    private static function whoAndWhere(Business $business): array
    {
        return [
            'staff' => 'present|array|list|max:200',
            'staff.*' => ['distinct', ...Checks::of($business, 'staff')],
            'assignment' => 'required|in:choose,first,rotate,random,all',
            'locations' => 'present|array|list|max:200',
            'locations.*' => ['distinct', ...Checks::of($business, 'locations')],
            'resources' => 'present|array|list|max:20',
            'resources.*' => 'array:pool,units,perPerson,holdsBuffers',
            'resources.*.pool' => ['required', 'distinct', ...Checks::of($business, 'pools')],
            'resources.*.units' => 'required|integer|min:1|max:200',
            'resources.*.perPerson' => 'required|boolean',
            'resources.*.holdsBuffers' => 'required|boolean',
            'places' => 'required|integer|min:1|max:1000',
            'maxParty' => 'present|nullable|integer|min:1|max:1000',
        ];
    }

    /** @return array<string, mixed> */
    private static function when(Business $business): array
    {
        return [
            'startEvery' => 'required|integer|min:1|max:1440',
            'startFrom' => 'required|in:clock,opening',
            'noticeMinutes' => 'required|integer|min:0|max:525600',
            'bookAheadDays' => 'required|integer|min:0|max:730',
            'hours' => ['present', 'nullable', new WeeklyTable()],
            'dayparts' => 'present|array|list|max:20',
            'dayparts.*' => ['distinct', ...Checks::of($business, 'dayparts')],
            'availableFrom' => ['present', 'nullable', Checks::date()],
            'availableUntil' => [
                'present',
                'nullable',
                Checks::date(),
                new Later('availableFrom', 'wrong.service.available_until', orSame: true),
            ],
            'maxPerDay' => 'present|nullable|integer|min:1|max:1000',
        ];
    }

    private static function range(): Closure
    {
        return static function (string $attribute, mixed $range, Closure $fail): void {
            if (! RangeContent::from(Given::in($range))->isWhole()) {
                $fail(self::SENTENCES['range.*']);
            }
        };
    }
}

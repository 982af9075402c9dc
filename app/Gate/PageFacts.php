<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Given;
use App\Support\Money;

/**
 * What a page says of itself to those who link to it, search it or show it elsewhere: title, description, picture, and
 * the business with its services as structured data (the vocabulary of schema.org).
 */
final readonly class PageFacts
{
    private const DAYS = [
        'mon' => 'Monday',
        'tue' => 'Tuesday',
        'wed' => 'Wednesday',
        'thu' => 'Thursday',
        'fri' => 'Friday',
        'sat' => 'Saturday',
        'sun' => 'Sunday',
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $page of GatePage
     * @param  string|null  $service the one that a link names; null: all of them
     * @return array{
     *     title: string, description: string, picture: string|null, address: string, isFound: bool,
     *     structured: array<string, mixed>,
     * }
     */
    public function of(Business $business, array $page, ?string $service): array
    {
        $given = Given::in($page);
        $named = null;
        foreach ($given->each('services') as $one) {
            $named = $one->string('id') === $service ? $one : $named;
        }
        $names = ['business' => $business->name, 'service' => $named?->string('name') ?? ''];
        $about = $named?->text('description') ?? $business->about;
        $picture = $named?->stringIf('picture') ?? $business->banner ?? $business->logo;
        $address = url("/book/{$business->slug}").($named === null ? '' : "?service={$service}");

        return [
            'title' => $this->catalogue->say($named === null ? 'page.gate.title' : 'page.gate.title_of', $names),
            'description' => $about !== '' ? $about : $this->catalogue->say('page.gate.description', $names),
            'picture' => $picture === null ? null : url("/pictures/{$picture}"),
            'address' => $address,
            'isFound' => $business->searchable,
            'structured' => self::business($business, $given),
        ];
    }

    /** @return array<string, mixed> */
    private static function business(Business $business, Given $page): array
    {
        $pictures = array_filter([$business->banner, $business->logo]);

        return array_filter([
            '@context' => 'https://schema.org',
            '@type' => 'LocalBusiness',
            'name' => $business->name,
            'description' => $business->about,
            'url' => url("/book/{$business->slug}"),
            'email' => $business->email,
            'telephone' => $business->phone,
            'image' => array_map(static fn (string $one): string => url("/pictures/{$one}"), array_values($pictures)),
            'currenciesAccepted' => $business->currency,
            'location' => array_map(
                static fn (Given $place): array => [
                    '@type' => 'Place',
                    'name' => $place->string('name'),
                    'address' => $place->text('address'),
                ],
                $page->each('locations'),
            ),
            'openingHoursSpecification' => self::hours($business),
            'makesOffer' => array_map(
                static fn (Given $service): array => self::offer($business, $service),
                $page->each('services'),
            ),
        ], static fn (mixed $value): bool => $value !== '' && $value !== []);
    }

    /** @return array<string, mixed> */
    private static function offer(Business $business, Given $service): array
    {
        $amount = $service->under('price')->int('amount') ?: null; // nothing is said of what is free, or on request

        return array_filter([
            '@type' => 'Offer',
            'url' => url("/book/{$business->slug}").'?service='.$service->string('id'),
            'itemOffered' => array_filter([
                '@type' => 'Service',
                'name' => $service->string('name'),
                'description' => $service->text('description'),
            ]),
            'price' => $amount === null ? null : Money::plain($amount, $business->currency),
            'priceCurrency' => $amount === null ? null : $business->currency,
        ]);
    }

    /** @return list<array<string, string>> a stretch that runs past midnight ends on the day after */
    private static function hours(Business $business): array
    {
        $hours = [];
        foreach ($business->public_hours ?? $business->opening_hours as $day => $stretches) {
            foreach ($stretches as $stretch) {
                $hours[] = [
                    '@type' => 'OpeningHoursSpecification',
                    'dayOfWeek' => self::DAYS[$day],
                    'opens' => $stretch['from'],
                    'closes' => $stretch['to'] === '24:00' ? '23:59' : $stretch['to'],
                ];
            }
        }

        return $hours;
    }
}

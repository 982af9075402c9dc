<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Changes\Content;
use App\Changes\Things as Kinds;
use App\Changes\Version;
use App\Models\Business;
use App\Models\CurrentBusiness;

/** Things of the set-up as a test reads and drafts them. */
final class Things
{
    /** @return array<string, mixed> what is there now */
    public static function content(Business $business, string $kind, string $id): array
    {
        return self::read($business, $kind, $id)?->toArray() ?? [];
    }

    private static function read(Business $business, string $kind, string $id): ?Content
    {
        $read = static fn (): ?Content => app(Kinds::class)->of($kind)->read($business->refresh(), $id);

        return app(CurrentBusiness::class)->of($business->id, $read);
    }

    /**
     * A draft that changes some of it.
     *
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    public static function change(Business $business, string $kind, string $id, array $changes): array
    {
        $now = self::read($business, $kind, $id);

        return [
            'kind' => $kind,
            'id' => $id,
            'version' => Version::of($now),
            'content' => $changes + ($now?->toArray() ?? []),
        ];
    }

    /** @return array<string, mixed> a draft that takes it away */
    public static function removal(Business $business, string $kind, string $id): array
    {
        return ['content' => null] + self::change($business, $kind, $id, []);
    }

    /**
     * A draft of a new one.
     *
     * @param  array<string, mixed>  $changes of what is usual for its kind
     * @return array<string, mixed>
     */
    public static function fresh(string $kind, array $changes = []): array
    {
        $table = ['mon' => [['from' => '09:00', 'to' => '12:00']]];
        $usual = [
            'specialDay' => [
                'date' => '2030-03-01',
                'staff' => null,
                'location' => null,
                'hours' => [['from' => '10:00', 'to' => '14:00']],
            ],
            'closure' => ['name' => 'Fair', 'from' => '2030-03-01T00:00', 'to' => '2030-03-02T00:00', 'staff' => null],
            'person' => [
                'name' => 'Dee Vole',
                'email' => '',
                'phone' => '',
                'about' => '',
                'picture' => null,
                'colour' => null,
                'pattern' => null,
                'active' => true,
                'page' => '',
                'toldOf' => ['booked'],
                'changesOwnHours' => false,
                'hours' => $table,
                'breaks' => null,
                'respectBusy' => true,
                'maxPerDay' => null,
                'services' => [],
                'rates' => [],
            ],
            'location' => [
                'name' => 'Mill',
                'address' => '3 Mill Lane',
                'directions' => '',
                'phone' => '',
                'picture' => null,
                'online' => false,
                'meetingLink' => '',
                'hours' => null,
            ],
            'pool' => [
                'name' => 'Wheels',
                'location' => null,
                'units' => [
                    ['id' => str_repeat('W', 25).'1', 'name' => 'Wheel 1'],
                    ['id' => str_repeat('W', 25).'2', 'name' => 'Wheel 2'],
                ],
                'outages' => [
                    [
                        'unit' => str_repeat('W', 25).'1',
                        'name' => '',
                        'from' => '2030-03-01T00:00',
                        'to' => '2030-03-02T00:00',
                    ],
                ],
            ],
            'daypart' => ['name' => 'Early', 'from' => '06:00', 'to' => '09:00'],
            'category' => ['name' => 'Clay', 'description' => '', 'picture' => null],
            'addOn' => [
                'name' => 'Towel',
                'price' => 300,
                'minutes' => 0,
                'perPerson' => false,
                'picture' => null,
                'services' => null,
                'taxRates' => [],
            ],
            'taxRate' => ['name' => 'VAT', 'percent' => '23'],
            'surcharge' => [
                'name' => 'After six',
                'when' => 'outside_hours',
                'hours' => $table,
                'weekdays' => [],
                'dates' => [],
                'amount' => 500,
                'percent' => null,
                'staffAmount' => null,
                'staffPercent' => null,
            ],
            'offerCode' => [
                'code' => 'SPRING',
                'amount' => null,
                'percent' => '10',
                'services' => null,
                'from' => null,
                'until' => null,
                'minimum' => 0,
                'uses' => null,
                'usesPerClient' => null,
                'firstVisitOnly' => false,
                'includesExtras' => false,
                'combines' => false,
            ],
            'question' => [
                'text' => 'Been here before?',
                'type' => 'choice',
                'choices' => ['yes', 'no'],
                'required' => true,
                'services' => null,
                'shownIf' => null,
                'parameter' => '',
            ],
            'service' => [
                'name' => 'Glazing',
                'category' => null,
                'description' => '',
                'picture' => null,
                'staffNote' => '',
                'bring' => '',
                'kind' => 'appointment',
                'minutes' => 60,
                'choices' => [],
                'range' => null,
                'setup' => 0,
                'clearup' => 0,
                'staff' => [],
                'assignment' => 'choose',
                'locations' => [],
                'resources' => [],
                'startEvery' => 15,
                'startFrom' => 'clock',
                'noticeMinutes' => 0,
                'bookAheadDays' => 60,
                'hours' => null,
                'dayparts' => [],
                'availableFrom' => null,
                'availableUntil' => null,
                'maxPerDay' => null,
                'places' => 1,
                'maxParty' => null,
                'pricing' => Yard::pricing(4500),
                'payment' => Yard::payment('none'),
                'cancellation' => null,
                'staffPay' => null,
                'colour' => null,
                'pattern' => null,
                'approval' => false,
                'visibility' => 'page',
                'active' => true,
            ],
        ];

        return ['kind' => $kind, 'id' => null, 'version' => null, 'content' => $changes + ($usual[$kind] ?? [])];
    }
}

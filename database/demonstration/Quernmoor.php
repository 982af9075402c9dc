<?php

declare(strict_types=1);

namespace Database\Demonstration;

/** Quernmoor Clay Yard: a pottery in a harbour town, six people. */
final class Quernmoor
{
    /** @return array<string, mixed> */
    public static function facts(): array
    {
        return [
            'seed' => 7,
            'owner' => ['name' => 'Alva Lindqvarn', 'email' => Demonstration::MAIL],
            'business' => [
                'slug' => 'quernmoor', 'name' => 'Quernmoor Clay Yard',
                'about' => 'A pottery by the harbour, for first pots and hundredth. Wheels, glazes and patient people.',
                'time_zone' => 'Europe/Lisbon', 'currency' => 'EUR',
                'opening_hours' => self::week('09:00', '19:00', '10:00', '16:00'),
            ],
            'location' => ['name' => 'Harbour Street', 'address' => '14 Harbour Street, Quernmoor'],
            'staff' => [
                self::member('Alva Lindqvarn', self::days(['mon', 'tue', 'wed', 'thu', 'fri'], '09:00', '18:00'), '13:00', '13:30'),
                self::member('Bruno Okarra', self::days(['tue', 'wed', 'thu', 'fri', 'sat'], '10:00', '19:00'), '13:30', '14:00'),
                self::member('Cécile Dunn', self::days(['mon', 'tue', 'thu', 'fri'], '09:00', '17:00'), '12:30', '13:15'),
                self::member('Dilnoza Mir', self::days(['mon', 'wed', 'thu', 'sat'], '12:00', '19:00')),
                self::member('Emil Farran', self::days(['fri', 'sat'], '10:00', '16:00')),
                self::member('Gwen Harrow', self::days(['mon', 'tue', 'wed', 'fri'], '09:00', '16:00'), '12:00', '12:30'),
            ],
            'services' => [
                self::service('Wheel lesson', 'One to one at the wheel, clay and firing of one piece included. Wear something that may get dirty.', 4800, 'full', 60, 10, 15, 30, ['Alva Lindqvarn', 'Bruno Okarra', 'Cécile Dunn', 'Gwen Harrow']),
                self::service('Hand-building', 'Pinch, coil and slab: a bowl or a beast without a wheel.', 3800, 'none', 90, 10, 10, 30, ['Cécile Dunn', 'Dilnoza Mir', 'Emil Farran']),
                self::service('Glazing bench', 'Two hours at the bench with all our glazes, and somebody to ask.', 2600, 'full', 120, 5, 15, 30, ['Dilnoza Mir', 'Gwen Harrow']),
                self::service('Commission meeting', 'Tell us what you would like made: tableware, tiles, an urn.', 0, 'none', 45, 0, 10, 15, ['Alva Lindqvarn', 'Bruno Okarra']),
                self::service('Glaze question', 'A quarter of an hour for one question. Bring the pot, or a picture of it.', 0, 'none', 15, 0, 5, 15, ['Bruno Okarra', 'Dilnoza Mir']),
            ],
            'clients' => ['Rosa Mendal', 'Idris Kettle', 'Noor Sandholm', 'Tomas Brandt', 'Pia Verhoe', 'Sam Tolliver', 'Johanna Akande', 'Lars Pellow',
                'Mina Ostrow', 'Viggo Hale', 'Esther Quill', 'Duarte Faro', 'Hanne Lisk', 'Olu Bristow', 'Ines Carva', 'Pavel Dorn', 'Greta Moss', 'Yusuf Arden'],
        ];
    }

    /** @return array<string, list<array{from: string, to: string}>> */
    private static function week(string $from, string $to, string $satFrom, string $satTo): array
    {
        return [...self::days(['mon', 'tue', 'wed', 'thu', 'fri'], $from, $to), ...self::days(['sat'], $satFrom, $satTo)];
    }

    /**
     * @param  list<string>  $weekdays
     * @return array<string, list<array{from: string, to: string}>>
     */
    public static function days(array $weekdays, string $from, string $to): array
    {
        return array_fill_keys($weekdays, [['from' => $from, 'to' => $to]]);
    }

    /**
     * @param  array<string, list<array{from: string, to: string}>>  $hours
     * @return array<string, mixed>
     */
    private static function member(string $name, array $hours, ?string $breakFrom = null, string $breakTo = ''): array
    {
        $first = mb_strtolower(explode(' ', strtr($name, ['é' => 'e']))[0]);

        return [
            'name' => $name, 'email' => "{$first}@quernmoor.example", 'hours' => $hours,
            'breaks' => $breakFrom === null ? null : self::days(array_keys($hours), $breakFrom, $breakTo),
        ];
    }

    /**
     * @param  list<string>  $staff
     * @return array<string, mixed>
     */
    public static function service(string $name, string $description, int $price, string $payment, int $minutes, int $setup, int $clearup, int $every, array $staff): array
    {
        return [
            'name' => $name, 'description' => $description, 'price' => $price, 'payment' => $payment, 'minutes' => $minutes,
            'setup' => $setup, 'clearup' => $clearup, 'start_every' => $every, 'notice_minutes' => 60, 'book_ahead_days' => 60,
            'assignment' => 'choose', 'staff' => $staff,
        ];
    }
}

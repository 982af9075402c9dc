<?php

declare(strict_types=1);

namespace Database\Demonstration;

/** Larkrise Piano Care: one person who drives to the pianos, and shows that businesses are apart. */
final class Larkrise
{
    /** @return array<string, mixed> */
    public static function facts(): array
    {
        return [
            'seed' => 11,
            'slug' => 'larkrise',
            'owner' => ['name' => 'Wendel Larkrise', 'email' => 'wendel@larkrise.example'],
            'about' => 'Tuning and small repairs, at your piano.',
            'document' => [
                'format' => 'yardbell/1',
                'business' => [
                    'name' => 'Larkrise Piano Care',
                    'timeZone' => 'Europe/Lisbon',
                    'currency' => 'EUR',
                    'travelMinutes' => 30,
                    'openingHours' => Quernmoor::days(['mon', 'tue', 'wed', 'thu', 'fri'], '08:30', '17:30'),
                ],
                'locations' => [['id' => 'home', 'name' => 'Your home'], ['id' => 'workshop', 'name' => 'Workshop']],
                'staff' => [['id' => 'wendel', 'name' => 'Wendel Larkrise']],
                'services' => [
                    ['locations' => ['home']] +
                    Quernmoor::service('tuning', 'Tuning', 9000, 90, ['wendel'], ['setup' => 30, 'clearup' => 30]),
                    ['locations' => ['home', 'workshop']] +
                    Quernmoor::service(
                        'repair',
                        'Small repair',
                        6500,
                        60,
                        ['wendel'],
                        ['setup' => 30, 'clearup' => 30],
                    ),
                ],
            ],
            'addresses' => ['Workshop' => '2 Larkrise Yard, Quernmoor'],
            'descriptions' => [
                'Tuning' => 'A full tuning, and a look at what else it needs.',
                'Small repair' => 'A sticking key, a buzzing string, a loose pedal.',
            ],
            'sessions' => null,
            'clients' => ['Agnes Thorold', 'Bela Winther', 'Carmen Iglo', 'Dominic Ash'],
        ];
    }
}

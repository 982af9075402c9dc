<?php

declare(strict_types=1);

namespace Database\Demonstration;

/** Larkrise Piano Care: one person, who shows that businesses are apart. */
final class Larkrise
{
    /** @return array<string, mixed> */
    public static function facts(): array
    {
        return [
            'seed' => 11,
            'owner' => ['name' => 'Wendel Larkrise', 'email' => 'wendel@larkrise.example'],
            'business' => [
                'slug' => 'larkrise', 'name' => 'Larkrise Piano Care',
                'about' => 'Tuning and small repairs, at your piano.',
                'time_zone' => 'Europe/Lisbon', 'currency' => 'EUR',
                'opening_hours' => Quernmoor::days(['mon', 'tue', 'wed', 'thu', 'fri'], '08:30', '17:30'),
            ],
            'location' => ['name' => 'At your home', 'address' => ''],
            'staff' => [['name' => 'Wendel Larkrise', 'email' => 'wendel@larkrise.example']],
            'services' => [
                Quernmoor::service('Tuning', 'A full tuning, and a look at what else it needs.', 9000, 'none', 90, 30, 30, 30, ['Wendel Larkrise']),
                Quernmoor::service('Small repair', 'A sticking key, a buzzing string, a loose pedal.', 6500, 'none', 60, 30, 30, 30, ['Wendel Larkrise']),
            ],
            'clients' => ['Agnes Thorold', 'Bela Winther', 'Carmen Iglo', 'Dominic Ash'],
        ];
    }
}

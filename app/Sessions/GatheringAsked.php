<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Support\Given;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Booking\Gathering;

/** What somebody asks to schedule: of which service, with whom, where, for how long and how many. */
final class GatheringAsked
{
    /** Minutes at most: a month. */
    private const LONGEST = 43_200;

    private const MOST_PLACES = 1_000;

    /** @return array<string, mixed> */
    public static function rules(): array
    {
        return [
            'service' => 'required|string',
            'minutes' => 'required|integer|min:1|max:'.self::LONGEST,
            'staff' => 'required|list|min:1|max:50',
            'staff.*' => 'string|distinct',
            'location' => 'required|string',
            'places' => 'required|integer|min:1|max:'.self::MOST_PLACES,
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return [
            'service.*' => 'wrong.session.service',
            'minutes.*' => 'wrong.session.minutes',
            'staff' => 'wrong.session.staff',
            'staff.*' => 'wrong.session.staff',
            'location.*' => 'wrong.session.location',
            'places.*' => 'wrong.session.places?most='.self::MOST_PLACES,
        ];
    }

    /** @throws ValidationException where the service is none of groups, or has no such people or place */
    public static function of(RuleBook $book, Given $given): Gathering
    {
        $service = $book->services[$given->string('service')] ?? null;
        if ($service === null || ! $service->hasSessions) {
            throw ValidationException::withMessages(['service' => 'wrong.session.service']);
        }
        $staff = array_values(array_intersect($service->staff, $given->strings('staff')));
        $isActive = static fn (string $id): bool => $book->staff[$id]->active;
        $isAll = count($staff) === count($given->strings('staff'));
        if ($staff === [] || ! $isAll || array_filter($staff, $isActive) !== $staff) {
            throw ValidationException::withMessages(['staff' => 'wrong.session.staff']);
        }
        if (! in_array($given->string('location'), $service->locations, true)) {
            throw ValidationException::withMessages(['location' => 'wrong.session.location']);
        }

        return new Gathering(
            service: $service->id,
            minutes: $given->int('minutes'),
            staff: $staff,
            location: $given->string('location'),
            places: $given->int('places'),
        );
    }
}

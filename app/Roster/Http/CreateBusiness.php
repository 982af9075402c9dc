<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Models\User;
use App\Roster\Mark;
use App\Roster\Setup;
use App\Support\CurrentBusiness;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A new business begins with weekday hours, one place and its owner as the first to be booked. */
final readonly class CreateBusiness
{
    public function __construct(private ConnectionInterface $db, private Setup $setup, private CurrentBusiness $current)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $facts = $request->validate(BusinessFacts::rules(null), BusinessFacts::SENTENCES);
        $business = $this->db->transaction(function () use ($facts, $user): Business {
            $weekday = [['from' => '09:00', 'to' => '17:00']];
            $business = Business::query()->create([
                'name' => trim($facts['name']), 'slug' => $facts['slug'], 'about' => trim($facts['about'] ?? ''),
                'time_zone' => $facts['timeZone'], 'currency' => $facts['currency'],
                'opening_hours' => ['mon' => $weekday, 'tue' => $weekday, 'wed' => $weekday, 'thu' => $weekday, 'fri' => $weekday, 'sat' => [], 'sun' => []],
            ]);
            $business->users()->attach($user->id, ['role' => 'owner']);
            Location::query()->create(['business_id' => $business->id, 'name' => trim($facts['name']), 'address' => trim($facts['address'] ?? '')]);
            Member::query()->create(['business_id' => $business->id, 'name' => $user->name, 'email' => $user->email, ...Mark::next(0)]);

            return $business;
        });
        $this->current->set($business);

        return new JsonResponse($this->setup->of($business), 201);
    }
}

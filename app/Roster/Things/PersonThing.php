<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Facts\Badge;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Member;
use App\Roster\Assigned;
use App\Roster\Contents\PersonContent;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;

/**
 * A staff member: who they are, when they work, what they do.
 *
 * @extends ModelThing<PersonContent, Member>
 */
final readonly class PersonThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db, private Assigned $assigned)
    {
    }

    public function contents(): string
    {
        return PersonContent::class;
    }

    protected function model(): string
    {
        return Member::class;
    }

    public function content(Model $row): PersonContent
    {
        return PersonContent::of($row, $this->assigned->servicesOf($row));
    }

    protected function columns(Content $content): array
    {
        return $content->columns();
    }

    /**
     * Special days and time off stay where they are: they mean nothing without the person, and are there again if this
     * is undone.
     */
    public function write(Business $business, string $id, ?Content $content): void
    {
        if ($content !== null && ($content->colour === null || $content->pattern === null)) {
            $content = $content->wearing(Badge::free($business->staff()->get(['colour', 'pattern'])));
        }
        $this->assigned->setServices($business, $id, $content->services ?? []);
        parent::write($business, $id, $content);
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $signsIn = $this->db
            ->table('business_users')
            ->where('business_id', $business->id)
            ->where('staff_id', $id)
            ->exists();
        $isNamed = $this->db
            ->table('closures')
            ->where('business_id', $business->id)
            ->whereJsonContains('staff', $id)
            ->exists();
        $isBooked = Booking::query()
            ->where('business_id', $business->id)
            ->whereJsonContains('staff_ids', $id)
            ->exists();

        return match (true) {
            $isBooked => 'wrong.person.booked',
            $signsIn => 'wrong.person.signs_in',
            $isNamed => 'wrong.person.in_closure',
            default => null,
        };
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        $known = $book->staff[$id] ?? null;

        return $book->with(
            staff: Lists::put(
                $book->staff,
                $id,
                $content?->toCore($id, $known->special ?? [], $known->timeOff ?? [], $known->busy ?? []),
            ),
            services: self::services($book, $id, $content->services ?? []),
        );
    }

    /**
     * @param  list<string>  $does
     * @return array<string, Service>
     */
    private static function services(RuleBook $book, string $id, array $does): array
    {
        return array_map(static function (Service $service) use ($id, $does): Service {
            $did = in_array($id, $service->staff, true);
            if ($did === in_array($service->id, $does, true)) {
                return $service;
            }
            $staff = $did ? array_values(array_diff($service->staff, [$id])) : [...$service->staff, $id];

            return $service->doneBy($staff);
        }, $book->services);
    }
}

<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\ChecksTogether;
use App\Changes\Content;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Facts\Badge;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Question;
use App\Models\Service;
use App\Offer\Contents\NeedContent;
use App\Offer\Contents\PriceTogether;
use App\Offer\Contents\ServiceContent;
use App\Offer\Contents\ServiceLists;
use App\Roster\Assigned;
use App\Support\Given;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * Something that can be booked.
 *
 * @extends ModelThing<ServiceContent, Service>
 */
final readonly class ServiceThing extends ModelThing implements ChecksTogether
{
    public function __construct(private ConnectionInterface $db, private Assigned $assigned)
    {
    }

    public function contents(): string
    {
        return ServiceContent::class;
    }

    protected function model(): string
    {
        return Service::class;
    }

    public function together(Given $given): array
    {
        return PriceTogether::wrong($given);
    }

    public function content(Model $row): ServiceContent
    {
        $list = fn (string $what): array => $this->assigned->of($row->business_id, $row->id, $what);

        return ServiceContent::of(
            $row,
            new ServiceLists($list('staff'), $list('location'), $list('daypart'), $this->needs($row)),
        );
    }

    /** @return list<NeedContent> */
    private function needs(Service $service): array
    {
        $rows = $this->db
            ->table('service_pool')
            ->where('business_id', $service->business_id)
            ->where('service_id', $service->id)
            ->orderBy('position')
            ->get(['pool_id as pool', 'units', 'per_person as perPerson', 'holds_buffers as holdsBuffers']);

        return array_map(
            static fn (object $row): NeedContent => NeedContent::from(Given::in((array) $row)),
            array_values($rows->all()),
        );
    }

    protected function columns(Content $content): array
    {
        return $content->columns();
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        if ($content !== null && ($content->colour === null || $content->pattern === null)) {
            $content = $content->wearing(Badge::free($business->services()->get(['colour', 'pattern'])));
        }
        parent::write($business, $id, $content);
        $this->assigned->set($business->id, $id, 'staff', $content->staff ?? []);
        $this->assigned->set($business->id, $id, 'location', $content->locations ?? []);
        $this->assigned->set($business->id, $id, 'daypart', $content->dayparts ?? []);
        $this->db->table('service_pool')->where('business_id', $business->id)->where('service_id', $id)->delete();
        foreach ($content->resources ?? [] as $position => $need) {
            $this->db->table('service_pool')->insert([
                'business_id' => $business->id,
                'service_id' => $id,
                'pool_id' => $need->pool,
                'position' => $position,
                'units' => $need->units,
                'per_person' => $need->perPerson,
                'holds_buffers' => $need->holdsBuffers,
            ]);
        }
        if ($content !== null) {
            Business::query()
                ->whereKey($business->id)
                ->where('longest_taken', '<', $content->longest())
                ->update(['longest_taken' => $content->longest()]);
        }
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $sessions = $this->db
            ->table('scheduled_sessions')
            ->where('business_id', $business->id)
            ->where('service_id', $id)
            ->exists();
        $named = static fn (Builder $rows): bool => $rows
            ->where('business_id', $business->id)
            ->whereJsonContains('services', $id)
            ->exists();
        if ($named(AddOn::query()) || $named(Question::query())) {
            return 'wrong.service.in_use';
        }

        return $sessions || Booking::query()->where('business_id', $business->id)->where('service_id', $id)->exists()
            ? 'wrong.service.booked'
            : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book->with(services: Lists::put($book->services, $id, $content?->toCore($id)));
    }
}

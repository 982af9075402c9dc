<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\User;
use App\Offer\SetupReader;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use YardBell\Core\Availability\ChangePreview;
use YardBell\Core\Availability\Stranding;
use YardBell\Core\Scenario\Scenario;

/**
 * Takes a document in: as a new business with all that is booked, or in place of what a business has set up, whose
 * bookings stay as they are. What a document no longer has is put to rest, not deleted: bookings remember it.
 */
final readonly class ImportDocument
{
    /** Days ahead that a preview looks. */
    private const PREVIEW_DAYS = 28;

    public function __construct(
        private ConnectionInterface $db,
        private WriteSetup $setup,
        private WriteDiary $diary,
        private SetupReader $reader,
        private ExportDocument $export,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    public function asNew(Scenario $scenario, User $owner): Business
    {
        return $this->db->transaction(function () use ($scenario, $owner): Business {
            $business = new Business(['slug' => $this->freeSlug($scenario->name)]);
            $ids = ($this->setup)($business, $scenario);
            $business->users()->attach($owner->id, ['role' => 'owner']);
            $this->current->of($business->id, fn () => ($this->diary)($business, $scenario, $ids));

            return $business;
        });
    }

    /** What replacing the set-up would do to the next four weeks; nothing is changed. */
    public function preview(Business $business, Scenario $scenario): Replacement
    {
        $this->db->beginTransaction();
        try {
            return $this->current->of($business->id, fn (): Replacement => $this->replaced($business, $scenario));
        } finally {
            $this->db->rollBack();
            $business->refresh();
        }
    }

    public function replace(Business $business, Scenario $scenario): Replacement
    {
        return $this->current->of(
            $business->id,
            fn (): Replacement => $this->db->transaction(fn (): Replacement => $this->replaced($business, $scenario)),
        );
    }

    private function replaced(Business $business, Scenario $scenario): Replacement
    {
        $before = $this->reader->book($business);
        $diary = $this->export->diary($business);
        ($this->setup)($business, $scenario);
        $now = $this->clock->minute();
        $today = $before->zone->day($now);

        $after = $this->reader->book($business->refresh());
        $last = $today + self::PREVIEW_DAYS - 1;

        return new Replacement(
            (new ChangePreview($before, $after, $diary))->of($today, $last, $now),
            (new Stranding($before, $after))->of($diary, $today, $last, $now),
        );
    }

    private function freeSlug(string $name): string
    {
        $slug = Str::limit(Str::slug($name), 50, '') ?: 'business';
        for (
            $number = 1;
            Business::query()
                ->where('slug', $number === 1 ? $slug : "{$slug}-{$number}")
                ->exists();
            $number++
        );

        return $number === 1 ? $slug : "{$slug}-{$number}";
    }
}

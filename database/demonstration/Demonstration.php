<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Models\Business;
use App\Models\Category;
use App\Models\CurrentBusiness;
use App\Models\Question;
use App\Models\User;
use App\Roster\PictureFiles;
use App\Scenario\ImportDocument;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use YardBell\Core\Scenario\Reader;

/**
 * Two made-up businesses, each a document of its rules, with a fortnight of believable bookings around today. Every
 * name, number and address is invented.
 */
final readonly class Demonstration
{
    public const MAIL = 'alva@quernmoor.example';

    public const PASSWORD = 'clay-and-water';

    public function __construct(
        private ConnectionInterface $db,
        private ImportDocument $import,
        private Bookings $bookings,
        private OneVisit $visit,
        private PictureFiles $pictures,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    /** @return bool false: it was there already */
    public function load(): bool
    {
        if (Business::query()->where('slug', 'quernmoor')->exists()) {
            return false;
        }
        $this->db->transaction(function (): void {
            foreach ([Quernmoor::facts(intdiv($this->clock->minute(), 1440)), Larkrise::facts()] as $facts) {
                $business = $this->business($facts);
                $this->bookings->fill($business, $facts['clients'], $facts['sessions'], $facts['seed']);
                if (isset($facts['visit'])) {
                    $this->visit->make($business, $facts['visit'], $facts['clients'][0]);
                }
            }
        });

        return true;
    }

    /** @param  array<string, mixed>  $facts */
    private function business(array $facts): Business
    {
        $owner = User::query()->create([
            ...$facts['owner'],
            'password' => self::PASSWORD,
            'email_verified_at' => now(),
        ]);
        $business = $this->import->asNew(Reader::read(json_encode($facts['document'], JSON_THROW_ON_ERROR)), $owner);
        $this->current->set($business->id);
        $business->update([
            'slug' => $facts['slug'],
            'about' => $facts['about'],
            'published_at' => now(),
            'created_at' => now()->subYear(), // long enough to write to its clients in words of its own
            ...$facts['contact'] ?? [],
        ]);
        $lists = [
            ['locations', 'address', $facts['addresses']],
            ['services', 'description', $facts['descriptions']],
            ['services', 'bring', $facts['bring'] ?? []],
        ];
        foreach ($lists as [$list, $column, $texts]) {
            foreach ($texts as $name => $text) {
                $business
                    ->{$list}()
                    ->where('name', $name)
                    ->update([$column => $text]);
            }
        }
        foreach ($business->staff()->get() as $member) {
            $member->update([
                'email' => Str::slug(explode(' ', $member->name)[0])."@{$facts['slug']}.example",
                'changes_own_hours' => $member->name === 'Gwen Harrow',
            ]);
        }
        $business
            ->locations()
            ->where('name', 'Online')
            ->update([
                'online' => true,
                'address' => '',
                'meeting_link' => config('yardbell.stand_ins').'/stand-ins/meetings/quernmoor',
            ]);
        $this->offer($business, $facts);
        $this->signIns($business, $owner, $facts['signIns'] ?? []);

        return $business->refresh();
    }

    /** @param  array<string, mixed>  $facts */
    private function offer(Business $business, array $facts): void
    {
        $ids = $business->services()->pluck('id', 'name');
        foreach (array_keys($facts['categories'] ?? []) as $position => $name) {
            $category = Category::query()->create([
                'business_id' => $business->id,
                'name' => $name,
                'position' => $position,
            ]);
            $business
                ->services()
                ->whereIn('name', $facts['categories'][$name])
                ->update(['category_id' => $category->id]);
        }
        foreach ($facts['cancellation'] ?? [] as $name => $terms) {
            $business
                ->services()
                ->where('name', $name)
                ->update(['cancellation' => json_encode($terms)]);
        }
        $business
            ->services()
            ->whereIn('name', $facts['approval'] ?? [])
            ->update(['approval' => true]);
        foreach ($facts['pictures'] ?? [] as $name => $file) {
            $picture = $this->pictures->take($business, (string) file_get_contents(__DIR__."/pictures/{$file}.webp"));
            $business
                ->services()
                ->where('name', $name)
                ->update(['picture' => $picture->id]);
        }
        foreach ($facts['questions'] ?? [] as $position => $question) {
            $services = isset($question['services'])
                ? array_map(static fn (string $name): string => $ids[$name], $question['services'])
                : null;
            Question::query()->create(
                ['services' => $services] +
                    $question + ['business_id' => $business->id, 'position' => $position, 'choices' => []],
            );
        }
    }

    /** @param  array<string, string>  $roles by name */
    private function signIns(Business $business, User $owner, array $roles): void
    {
        $staff = $business->staff()->pluck('id', 'name');
        $business->users()->updateExistingPivot($owner->id, ['staff_id' => $staff[$owner->name] ?? null]);
        foreach ($roles as $name => $role) {
            $user = User::query()->create([
                'name' => $name,
                'email' => Str::slug(explode(' ', $name)[0])."@{$business->slug}.example",
                'password' => self::PASSWORD,
                'email_verified_at' => now(),
            ]);
            $business->users()->attach($user->id, ['role' => $role, 'staff_id' => $staff[$name] ?? null]);
        }
    }
}

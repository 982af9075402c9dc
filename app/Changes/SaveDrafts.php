<?php

declare(strict_types=1);

namespace App\Changes;

use App\Access\Access;
use App\Models\Business;
use App\Models\SetupChange;
use App\Support\Clock;
use App\Support\Mutex;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;

/**
 * Writes what somebody wants things to become, all of it or nothing, and writes down who changed what. Changes of one
 * business wait for each other; whoever saw an older version is told instead of overwriting.
 */
final readonly class SaveDrafts
{
    public function __construct(
        private ConnectionInterface $db,
        private ChangePolicy $policy,
        private Objections $objections,
        private Clock $clock,
        private Mutex $turn,
    ) {
    }

    /**
     * @param  list<Draft<Content>>  $drafts
     * @param  string|null  $undoes id of the change this one takes back
     * @return SetupChange|null null: nothing was different
     */
    public function __invoke(Business $business, Access $access, array $drafts, ?string $undoes = null): ?SetupChange
    {
        return $this->db->transaction(function () use ($business, $access, $drafts, $undoes): ?SetupChange {
            $this->turn->take($business->id, 'SETUP');
            $business->refresh();
            $rows = [];
            foreach ($drafts as $i => $draft) {
                $rows[] = $this->write($business, $access, $draft, $i);
            }
            $rows = array_values(array_filter($rows));

            return $rows === [] ? null : $this->record($business, $access, $rows, $undoes);
        }, attempts: 3);
    }

    /**
     * @param  Draft<Content>  $draft
     * @return array<string, mixed>|null what is recorded of it; null: it is like that already
     */
    private function write(Business $business, Access $access, Draft $draft, int $i): ?array
    {
        $before = $this->objections->known($business, $draft);
        $this->policy->authorize($access, $draft, $before);
        if (Version::of($before) !== $draft->version) {
            throw new MeanwhileChanged($draft->kind, $draft->id, $before, $this->lastToChange($business, $draft));
        }
        $this->objections->against($business, $draft, $i);
        if (Version::of($draft->content) === Version::of($before)) {
            return null;
        }
        $draft->thing->write($business, $draft->id, $draft->content);

        return [
            'business_id' => $business->id,
            'kind' => $draft->kind,
            'thing' => $draft->id,
            'name' => mb_substr(($draft->content ?? $before)?->name() ?? '', 0, 160),
            'before' => self::json($before),
            'after' => self::json($draft->content === null ? null : $draft->thing->read($business, $draft->id)),
        ];
    }

    private static function json(?Content $content): ?string
    {
        return $content === null ? null : json_encode($content->toArray(), JSON_THROW_ON_ERROR);
    }

    /** @param  Draft<Content>  $draft */
    private function lastToChange(Business $business, Draft $draft): string
    {
        $by = $this->changes($business, $draft)->orderByDesc('setup_changes.id')->value('by');

        return is_string($by) ? $by : 'Somebody';
    }

    /** @param  Draft<Content>  $draft */
    private function changes(Business $business, Draft $draft): Builder
    {
        return $this->db
            ->table('setup_change_things')
            ->join('setup_changes', 'setup_changes.id', '=', 'change_id')
            ->where('setup_change_things.business_id', $business->id)
            ->where('kind', $draft->kind)
            ->where('thing', $draft->id);
    }

    /** @param  non-empty-list<array<string, mixed>>  $rows */
    private function record(Business $business, Access $access, array $rows, ?string $undoes): SetupChange
    {
        $change = SetupChange::query()->create([
            'business_id' => $business->id,
            'by' => $access->user->name,
            'user_id' => $access->user->id,
            'at' => $this->clock->now(),
            'undoes' => $undoes,
        ]);
        $this->db
            ->table('setup_change_things')
            ->insert(array_map(static fn (array $row): array => ['change_id' => $change->id] + $row, $rows));
        Business::rulesChanged($business->id);

        return $change;
    }
}

<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Support\Given;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use stdClass;
use YardBell\Core\Time\Wall;

/** Who has changed a thing, when, and from what to what: the latest first. */
final readonly class ThingHistory
{
    private const MOST = 30;

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(Business $business, string $kind, string $id, bool $seesPay): array
    {
        return array_values(
            $this->db
                ->table('setup_change_things')
                ->join('setup_changes', 'setup_changes.id', '=', 'change_id')
                ->where('setup_change_things.business_id', $business->id)
                ->where('kind', $kind)
                ->where('thing', $id)
                ->orderByDesc('setup_changes.id')
                ->limit(self::MOST)
                ->get(['setup_changes.id', 'at', 'by', 'before', 'after', 'undoes'])
                ->map(
                    static fn (stdClass $row): array => [
                        'id' => $row->id,
                        'at' => Wall::writeInstant(Instants::fromDatabase($row->at)),
                        'by' => $row->by,
                        'what' => match (true) {
                            $row->undoes !== null => 'undone',
                            $row->before === null => 'added',
                            $row->after === null => 'removed',
                            default => 'changed',
                        },
                        'fields' => Version::differences(
                            self::content($row->before, $seesPay),
                            self::content($row->after, $seesPay),
                        ),
                    ],
                )
                ->all(),
        );
    }

    /** @return array<array-key, mixed>|null */
    private static function content(?string $json, bool $seesPay): ?array
    {
        $content = $json === null ? null : Given::json($json)->all();

        return $seesPay ? $content : PaySeen::without($content);
    }
}

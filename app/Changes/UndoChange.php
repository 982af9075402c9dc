<?php

declare(strict_types=1);

namespace App\Changes;

use App\Access\Access;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\SetupChange;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;

/** Takes a change back: everything in it becomes what it was, unless somebody has changed it again since. */
final readonly class UndoChange
{
    public function __construct(private ConnectionInterface $db, private SaveDrafts $save, private Things $things)
    {
    }

    /** @throws Refusal */
    public function __invoke(Business $business, Access $access, string $id): ?SetupChange
    {
        $change = SetupChange::query()->where('business_id', $business->id)->findOrFail($id);
        $rows = $this->db
            ->table('setup_change_things')
            ->where('business_id', $business->id)
            ->where('change_id', $change->id)
            ->get();
        $drafts = [];
        foreach ($rows as $row) {
            $thing = $this->things->of($row->kind);
            $after = self::content($thing, $row->after);
            $drafts[] = new Draft(
                kind: $row->kind,
                id: $row->thing,
                content: self::content($thing, $row->before),
                version: Version::of($after),
                thing: $thing,
                isNew: $after === null,
            );
        }
        try {
            return ($this->save)($business, $access, $drafts, $change->id);
        } catch (MeanwhileChanged $changed) {
            throw new Refusal(
                new Sentence('refusal.setup.undo_changed', ['by' => $changed->by]),
                409,
                'changed_meanwhile',
            );
        } catch (ValidationException $wrong) {
            throw new Refusal(
                new Sentence('refusal.setup.undo_others', ['why' => self::first($wrong)]),
                409,
                'changed_meanwhile',
            );
        }
    }

    private static function first(ValidationException $wrong): Sentence|string
    {
        $text = array_values($wrong->errors())[0][0] ?? '';

        return Sentence::read($text) ?? $text;
    }

    /** @param  Thing<Content>  $thing */
    private static function content(Thing $thing, ?string $json): ?Content
    {
        return $json === null ? null : $thing->contents()::from(Given::json($json));
    }
}

<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Closure;
use App\Roster\Checks;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Closure as Shut;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;

/** A stretch of dates and hours on which everyone, or the people named, cannot be booked (rules.md T4). */
final readonly class ClosureThing extends ModelThing
{
    protected function model(): string
    {
        return Closure::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'nullable|string|max:120',
            'from' => ['required', Checks::wall()],
            'to' => ['required', 'after:from', Checks::wall()],
            'staff' => 'present|nullable|array|list|min:1|max:200',
            'staff.*' => ['distinct', ...Checks::of($business, 'staff')],
        ];
    }

    public function sentences(): array
    {
        return [
            'from.required' => 'When does it begin?', 'to.required' => 'When does it end?', 'to.after' => 'It ends after it begins.',
            'staff.min' => 'Nobody is chosen, so it would close for nobody. Choose people, or everyone.', 'staff.*' => 'Nobody is chosen, so it would close for nobody. Choose people, or everyone.',
        ];
    }

    public function shaped(array $given): array
    {
        return ['name' => trim($given['name'] ?? ''), 'from' => $given['from'], 'to' => $given['to'], 'staff' => $given['staff'] === null ? null : array_values($given['staff'])];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Closure);

        return ['name' => $row->name, 'from' => $row->from->format('Y-m-d\TH:i'), 'to' => $row->to->format('Y-m-d\TH:i'), 'staff' => $row->staff];
    }

    protected function columns(array $content): array
    {
        return $content;
    }

    protected function last(Business $business): array
    {
        return [];
    }

    /** The same once more is a button pressed twice. */
    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $same = $content === null ? [] : Closure::query()->where('business_id', $business->id)->whereKeyNot($id)->where('from', $content['from'])->where('to', $content['to'])->get()
            ->filter(static fn (Closure $closure): bool => $closure->staff === $content['staff'])->all();

        return $same === [] ? null : 'This closure is there already.';
    }

    public function name(array $content): string
    {
        return trim("Closure {$content['name']}");
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        $closures = array_values(array_filter($book->closures, static fn (Shut $closure): bool => $closure->id !== $id));
        if ($content !== null) {
            $closures[] = new Shut($id, WallSpan::between(Wall::dateTime($content['from']), Wall::dateTime($content['to']), $book->zone), $content['staff'], $content['name']);
        }

        return $book->with(closures: $closures);
    }
}

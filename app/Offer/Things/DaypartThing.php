<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Daypart;
use App\Roster\Checks;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Daypart as Part;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Window;

/** A named part of the day that services may be limited to (rules.md T11). */
final readonly class DaypartThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    protected function model(): string
    {
        return Daypart::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return ['name' => 'required|string|max:120', 'from' => ['required', Checks::timeOfDay()], 'to' => ['required', 'different:from', Checks::timeOfDay()]];
    }

    public function sentences(): array
    {
        return parent::sentences() + ['from.required' => 'When does it begin?', 'to.required' => 'When does it end?', 'to.different' => 'It ends at another time than it begins.'];
    }

    public function shaped(array $given): array
    {
        return ['name' => trim($given['name']), 'from' => $given['from'], 'to' => $given['to']];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Daypart);

        return ['name' => $row->name, 'from' => $row->from, 'to' => $row->to];
    }

    protected function columns(array $content): array
    {
        return $content;
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $used = $this->db->table('service_daypart')->where('business_id', $business->id)->where('daypart_id', $id)->exists();

        return $content === null && $used ? 'Services are limited to this part of the day. Take it off them first.' : null;
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book->with(dayparts: Lists::put($book->dayparts, $id, $content === null ? null : new Part($id, $content['name'], Window::between($content['from'], $content['to']))));
    }
}

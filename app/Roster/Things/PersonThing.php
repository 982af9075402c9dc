<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Clients\PhoneNumber;
use App\Facts\Mark;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Member;
use App\Roster\Assigned;
use App\Roster\Checks;
use App\Roster\UnlikeMark;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\Member as Person;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Hours;

/** A staff member: who they are, when they work, what they do. */
final readonly class PersonThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db, private Assigned $assigned)
    {
    }

    protected function model(): string
    {
        return Member::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        $places = $business->locations()->pluck('id')->all();

        return [
            'name' => 'required|string|max:120',
            'email' => 'nullable|string|max:190|email:rfc',
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'about' => 'nullable|string|max:500',
            'picture' => Checks::picture($business),
            'colour' => ['nullable', Rule::in(Mark::COLOURS)],
            'pattern' => ['nullable', Rule::in(Mark::PATTERNS), new UnlikeMark($business, $id)],
            'active' => 'required|boolean',
            'page' => ['nullable', 'string', 'max:60', 'regex:/^[a-z0-9][a-z0-9-]*[a-z0-9]\z/', Rule::unique('staff', 'page')->where('business_id', $business->id)->ignore($id, 'id')],
            'toldOf' => 'present|array|list',
            'toldOf.*' => ['distinct', Rule::in(Member::OCCASIONS)],
            'changesOwnHours' => 'required|boolean',
            'hours' => ['present', 'nullable', new WeeklyTable($places)],
            'breaks' => ['present', 'nullable', new WeeklyTable],
            'respectBusy' => 'required|boolean',
            'maxPerDay' => 'present|nullable|integer|min:1|max:200',
            'services' => 'present|array|list|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
        ];
    }

    public function sentences(): array
    {
        return [
            'name.required' => 'What is this person called?',
            'email.email' => 'This does not look like a mail address. One looks like name@example.com.',
            'page.regex' => 'Small letters, digits and hyphens, at least two: ana.',
            'page.unique' => 'Somebody else has this address already.',
            'maxPerDay.*' => 'At most 1 to 200 bookings a day; leave it empty for no limit.',
        ];
    }

    public function shaped(array $given): array
    {
        sort($given['services']);

        return [
            'name' => trim($given['name']), 'email' => $given['email'] ?? '', 'phone' => trim($given['phone'] ?? ''), 'about' => trim($given['about'] ?? ''),
            'picture' => $given['picture'] ?? null, 'colour' => $given['colour'] ?? null, 'pattern' => $given['pattern'] ?? null, 'active' => (bool) $given['active'],
            'page' => $given['page'] ?? '', 'toldOf' => array_values(array_intersect(Member::OCCASIONS, $given['toldOf'])), 'changesOwnHours' => (bool) $given['changesOwnHours'],
            'hours' => WeeklyTable::whole($given['hours']), 'breaks' => WeeklyTable::whole($given['breaks']), 'respectBusy' => (bool) $given['respectBusy'],
            'maxPerDay' => $given['maxPerDay'] === null ? null : (int) $given['maxPerDay'], 'services' => $given['services'],
        ];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Member);

        return [
            'name' => $row->name, 'email' => $row->email ?? '', 'phone' => $row->phone, 'about' => $row->about,
            'picture' => $row->picture, 'colour' => $row->colour, 'pattern' => $row->pattern, 'active' => $row->active,
            'page' => $row->page ?? '', 'toldOf' => $row->told_of, 'changesOwnHours' => $row->changes_own_hours,
            'hours' => WeeklyTable::whole($row->hours), 'breaks' => WeeklyTable::whole($row->breaks), 'respectBusy' => $row->respect_busy,
            'maxPerDay' => $row->max_per_day, 'services' => $this->assigned->servicesOf($row),
        ];
    }

    protected function columns(array $content): array
    {
        return [
            'name' => $content['name'], 'email' => $content['email'] === '' ? null : $content['email'], 'phone' => $content['phone'], 'about' => $content['about'],
            'picture' => $content['picture'], 'colour' => $content['colour'], 'pattern' => $content['pattern'], 'active' => $content['active'],
            'page' => $content['page'] === '' ? null : $content['page'], 'told_of' => $content['toldOf'], 'changes_own_hours' => $content['changesOwnHours'],
            'hours' => $content['hours'], 'breaks' => $content['breaks'], 'respect_busy' => $content['respectBusy'], 'max_per_day' => $content['maxPerDay'],
        ];
    }

    /** Special days and time off stay where they are: they mean nothing without the person, and are there again if this is undone. */
    public function write(Business $business, string $id, ?array $content): void
    {
        if ($content !== null && ($content['colour'] === null || $content['pattern'] === null)) {
            $content = Mark::free($business->staff()->get(['colour', 'pattern'])) + $content;
        }
        $this->assigned->setServices($business, $id, $content['services'] ?? []);
        parent::write($business, $id, $content);
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $signsIn = $this->db->table('business_users')->where('business_id', $business->id)->where('staff_id', $id)->exists();
        $isNamed = $this->db->table('closures')->where('business_id', $business->id)->whereJsonContains('staff', $id)->exists();

        return match (true) {
            Booking::query()->where('business_id', $business->id)->whereJsonContains('staff_ids', $id)->exists() => 'There are bookings with this person. Let them rest instead: nothing is lost then.',
            $signsIn => 'This person signs in. Take that away first.',
            $isNamed => 'A closure names this person. Change that first.',
            default => null,
        };
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        $known = $book->staff[$id] ?? null;
        $member = $content === null ? null : new Person(
            $id,
            $content['name'],
            $content['active'],
            $content['hours'] === null ? null : WeeklyTable::windows($content['hours']),
            $known->special ?? [],
            $content['breaks'] === null ? null : new Hours(WeeklyTable::windows($content['breaks'])),
            $known->timeOff ?? [],
            $known->busy ?? [],
            $content['respectBusy'],
            $content['maxPerDay'],
        );

        return $book->with(staff: Lists::put($book->staff, $id, $member), services: self::services($book, $id, $content['services'] ?? []));
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

            return new Service(...['staff' => $staff] + get_object_vars($service));
        }, $book->services);
    }
}

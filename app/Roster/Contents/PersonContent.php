<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Clients\PhoneNumber;
use App\Facts\Badge;
use App\Models\Business;
use App\Models\Member;
use App\Prices\Contents\Amounts;
use App\Prices\Contents\StaffPayContent;
use App\Roster\UniqueBadge;
use App\Support\Checks;
use App\Support\Column;
use App\Support\Given;
use App\Support\MailAddress;
use App\Support\WeeklyTable;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\Member as Person;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Interval;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

/** @phpstan-import-type Week from WeeklyTable */
final readonly class PersonContent extends Content
{
    /**
     * @param  list<string>  $toldOf of Member::OCCASIONS
     * @param  Week|null  $hours null: the business's
     * @param  Week|null  $breaks
     * @param  list<string>  $services ids
     * @param  list<array{service: string, amount: int|null, percent: string|null}>  $rates own pay (rules.md P11)
     */
    public function __construct(
        public string $name,
        public string $email,
        public string $phone,
        public string $about,
        public ?string $picture,
        public ?string $colour,
        public ?string $pattern,
        public bool $active,
        public string $page,
        public array $toldOf,
        public bool $changesOwnHours,
        public ?array $hours,
        public ?array $breaks,
        public bool $respectBusy,
        public ?int $maxPerDay,
        public array $services,
        public array $rates,
    ) {
    }

    public static function from(Given $given): static
    {
        $services = $given->strings('services');
        sort($services);

        return new self(
            name: $given->text('name'),
            email: $given->string('email'),
            phone: $given->text('phone'),
            about: $given->text('about'),
            picture: $given->stringIf('picture'),
            colour: $given->stringIf('colour'),
            pattern: $given->stringIf('pattern'),
            active: $given->bool('active'),
            page: $given->string('page'),
            toldOf: array_values(array_intersect(Member::OCCASIONS, $given->strings('toldOf'))),
            changesOwnHours: $given->bool('changesOwnHours'),
            hours: WeeklyTable::of($given, 'hours'),
            breaks: WeeklyTable::of($given, 'breaks'),
            respectBusy: $given->bool('respectBusy'),
            maxPerDay: $given->intIf('maxPerDay'),
            services: $services,
            rates: self::rates($given->each('rates')),
        );
    }

    /**
     * @param  list<Given>  $rates
     * @return list<array{service: string, amount: int|null, percent: string|null}> by service
     */
    private static function rates(array $rates): array
    {
        $written = array_map(static function (Given $rate): array {
            $pay = StaffPayContent::from($rate);

            return ['service' => $rate->string('service'), 'amount' => $pay->amount, 'percent' => $pay->percent];
        }, $rates);
        sort($written);

        return $written;
    }

    /** @param  list<string>  $services ids of what they do */
    public static function of(Member $row, array $services): self
    {
        return new self(
            name: $row->name,
            email: $row->email ?? '',
            phone: $row->phone,
            about: $row->about,
            picture: $row->picture,
            colour: $row->colour,
            pattern: $row->pattern,
            active: $row->active,
            page: $row->page ?? '',
            toldOf: $row->told_of,
            changesOwnHours: $row->changes_own_hours,
            hours: WeeklyTable::whole($row->hours),
            breaks: WeeklyTable::whole($row->breaks),
            respectBusy: $row->respect_busy,
            maxPerDay: $row->max_per_day,
            services: $services,
            rates: $row->rates,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        $page = Rule::unique('staff', 'page')->where('business_id', $business->id)->ignore($id, 'id');

        return [
            'name' => 'required|string|max:120',
            'email' => ['nullable', 'string', 'max:190', new MailAddress()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'about' => 'nullable|string|max:500',
            'picture' => Checks::picture($business),
            'colour' => ['nullable', Rule::in(Badge::COLOURS)],
            'pattern' => ['nullable', Rule::in(Badge::PATTERNS), new UniqueBadge($business, $id)],
            'active' => 'required|boolean',
            'page' => ['nullable', 'string', 'max:60', 'regex:/^[a-z0-9][a-z0-9-]*[a-z0-9]\z/', $page],
            'toldOf' => 'present|array|list',
            'toldOf.*' => ['distinct', Rule::in(Member::OCCASIONS)],
            'changesOwnHours' => 'required|boolean',
            'hours' => ['present', 'nullable', new WeeklyTable(Column::strings($business->locations()->pluck('id')))],
            'breaks' => ['present', 'nullable', new WeeklyTable],
            'respectBusy' => 'required|boolean',
            'maxPerDay' => 'present|nullable|integer|min:1|max:200',
            'services' => 'present|array|list|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
            'rates' => 'present|array|list|max:300',
            'rates.*' => 'array:service,amount,percent',
            'rates.*.service' => ['required', 'distinct', ...Checks::of($business, 'services')],
            'rates.*.amount' => 'present|nullable|required_without:rates.*.percent|'.Amounts::RULE,
            'rates.*.percent' => ['present', 'nullable', Amounts::percent()],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.person.name_required',
            'page.regex' => 'wrong.person.page_form',
            'page.unique' => 'wrong.person.page_taken',
            'maxPerDay.*' => 'wrong.person.max_per_day',
            'rates.*.amount.*' => 'wrong.price.amount_or_percent',
            'rates.*.service.*' => 'wrong.person.pay',
        ];
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @param  array{colour: string, pattern: string}  $badge */
    public function wearing(array $badge): self
    {
        return self::from(Given::in($badge + $this->toArray()));
    }

    /** @return array<string, mixed> of the row; what they do is written by Assigned */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'email' => $this->email === '' ? null : $this->email,
            'phone' => $this->phone,
            'about' => $this->about,
            'picture' => $this->picture,
            'colour' => $this->colour,
            'pattern' => $this->pattern,
            'active' => $this->active,
            'page' => $this->page === '' ? null : $this->page,
            'told_of' => $this->toldOf,
            'changes_own_hours' => $this->changesOwnHours,
            'hours' => $this->hours,
            'breaks' => $this->breaks,
            'respect_busy' => $this->respectBusy,
            'max_per_day' => $this->maxPerDay,
            'rates' => $this->rates,
        ];
    }

    /**
     * @param  array<int, list<Window>>  $special by day number
     * @param  list<array{string, WallSpan}>  $timeOff id and span
     * @param  list<Interval>  $busy
     */
    public function toCore(string $id, array $special, array $timeOff, array $busy): Person
    {
        return new Person(
            id: $id,
            name: $this->name,
            active: $this->active,
            weekly: $this->hours === null ? null : WeeklyTable::windows($this->hours),
            special: $special,
            breaks: $this->breaks === null ? null : new Hours(WeeklyTable::windows($this->breaks)),
            timeOff: $timeOff,
            busy: $busy,
            respectBusy: $this->respectBusy,
            maxPerDay: $this->maxPerDay,
        );
    }
}

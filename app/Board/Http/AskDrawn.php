<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\Drawn;
use App\Board\DrawnDrafts;
use App\Board\DrawnWay;
use App\Http\Asker;
use App\Language\Sentence;
use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Time\Wall;

/** What a stretch that was drawn on the Board would change; nothing is changed yet. */
final readonly class AskDrawn
{
    private const MOST_WEEKS = 52;

    public function __construct(private DrawnDrafts $drafts)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(self::rules($business), self::sentences()));
        $own = Asker::access($request)->ownLane();
        $staff = $given->strings('staff');
        if ($own !== null && $staff !== [$own]) {
            throw new Refusal(new Sentence('refusal.role.change-own-hours'), 403, 'role');
        }
        [$from, $to] = [Wall::timeOfDay($given->string('from')), Wall::timeOfDay($given->string('to'), true)];
        if ($to <= $from) {
            throw ValidationException::withMessages(['to' => 'wrong.time_off.end_before_begin']);
        }
        assert($staff !== []);

        return new JsonResponse(['drafts' => $this->drafts->of($business, new Drawn(
            way: DrawnWay::from($given->string('way')),
            staff: $staff,
            day: Wall::day($given->string('date')),
            from: $from,
            to: $to,
            weeks: $given->intIf('weeks'),
            name: $given->text('name'),
        ))]);
    }

    /** @return array<string, mixed> */
    private static function rules(Business $business): array
    {
        return [
            'way' => ['required', Rule::enum(DrawnWay::class)],
            'staff' => 'required|array|list|min:1|max:200',
            'staff.*' => ['required', 'string', Rule::exists('staff', 'id')->where('business_id', $business->id)],
            'date' => ['required', Checks::date()],
            'from' => ['required', Checks::timeOfDay()],
            'to' => ['required', Checks::endOfDay()],
            'weeks' => 'nullable|required_if:way,off|integer|min:1|max:'.self::MOST_WEEKS,
            'name' => 'nullable|string|max:120',
        ];
    }

    /** @return array<string, string> */
    private static function sentences(): array
    {
        return [
            'way.*' => 'wrong.plain.kind',
            'staff' => 'wrong.drawn.nobody',
            'staff.*' => 'wrong.drawn.nobody',
            'weeks.*' => 'wrong.drawn.weeks?most='.self::MOST_WEEKS,
            'name.max' => 'wrong.plain.too_long?max=:max',
        ];
    }
}

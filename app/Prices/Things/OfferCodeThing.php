<?php

declare(strict_types=1);

namespace App\Prices\Things;

use App\Changes\ChecksTogether;
use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\OfferCode;
use App\Prices\Contents\OfferCodeContent;
use App\Support\Given;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Price\OfferCode as Rules;

/**
 * A code that makes visits cheaper (rules.md P7).
 *
 * @extends ModelThing<OfferCodeContent, OfferCode>
 */
final readonly class OfferCodeThing extends ModelThing implements ChecksTogether
{
    public function contents(): string
    {
        return OfferCodeContent::class;
    }

    protected function model(): string
    {
        return OfferCode::class;
    }

    public function together(Given $given): array
    {
        return $given->has('amount') === $given->has('percent') ? ['amount' => 'wrong.code.amount_or_percent'] : [];
    }

    public function content(Model $row): OfferCodeContent
    {
        return OfferCodeContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [
            'code' => $content->code,
            'amount' => $content->amount,
            'percent' => $content->percent,
            'services' => $content->services,
            'from' => $content->from,
            'until' => $content->until,
            'minimum' => $content->minimum,
            'uses' => $content->uses,
            'uses_per_client' => $content->usesPerClient,
            'first_visit_only' => $content->firstVisitOnly,
            'includes_extras' => $content->includesExtras,
            'combines' => $content->combines,
        ];
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        foreach ($content === null ? [] : OfferCode::query()->where('business_id', $business->id)->get() as $other) {
            if ($other->id !== $id && Rules::isSame($other->code, $content->code ?? '')) {
                return 'wrong.code.taken';
            }
        }

        return null;
    }
}

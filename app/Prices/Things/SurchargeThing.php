<?php

declare(strict_types=1);

namespace App\Prices\Things;

use App\Changes\ChecksTogether;
use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Service;
use App\Models\Surcharge;
use App\Prices\Contents\SurchargeContent;
use App\Support\Given;
use Illuminate\Database\Eloquent\Model;

/**
 * What visits cost more at some hours or on some dates (rules.md P4).
 *
 * @extends ModelThing<SurchargeContent, Surcharge>
 */
final readonly class SurchargeThing extends ModelThing implements ChecksTogether
{
    public function contents(): string
    {
        return SurchargeContent::class;
    }

    protected function model(): string
    {
        return Surcharge::class;
    }

    public function together(Given $given): array
    {
        $isOne = $given->has('amount') !== $given->has('percent');
        $isOneForStaff = ! $given->has('staffAmount') || ! $given->has('staffPercent');

        return array_filter([
            'amount' => $isOne ? null : 'wrong.surcharge.amount_or_percent',
            'staffAmount' => $isOneForStaff ? null : 'wrong.surcharge.amount_or_percent',
        ]);
    }

    public function content(Model $row): SurchargeContent
    {
        return SurchargeContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [
            'name' => $content->name,
            'when' => $content->when,
            'hours' => $content->hours,
            'weekdays' => $content->weekdays,
            'dates' => $content->dates,
            'amount' => $content->amount,
            'percent' => $content->percent,
            'staff_amount' => $content->staffAmount,
            'staff_percent' => $content->staffPercent,
        ];
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $isLeftOut = Service::query()
            ->where('business_id', $business->id)
            ->whereJsonContains('pricing->excludeSurcharges', $id)
            ->exists();

        return $content === null && $isLeftOut ? 'wrong.surcharge.in_use' : null;
    }
}

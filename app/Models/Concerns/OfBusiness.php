<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Business;
use App\Models\CurrentBusiness;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Belongs to one business, and is only found while that business is the one spoken of.
 *
 * @property-read Business $business
 */
trait OfBusiness
{
    use BootsByName;

    public static function bootOfBusiness(): void
    {
        static::addGlobalScope('business', static function (Builder $query): void {
            $current = app(CurrentBusiness::class);
            if (! $current->isAcross()) {
                $query->where($query->getModel()->qualifyColumn('business_id'), $current->id());
            }
        });
        static::creating(static function (Model $model): void {
            $model->setAttribute('business_id', $model->getAttribute('business_id') ?? self::current());
        });
    }

    /** Across businesses there is none: what then belongs to one must say so itself. */
    private static function current(): ?int
    {
        $current = app(CurrentBusiness::class);

        return $current->isAcross() ? null : $current->id();
    }

    /** The row of the business it belongs to: read once while that is the one spoken of. */
    public function getBusinessAttribute(): Business
    {
        $id = $this->getAttribute('business_id');
        assert(is_int($id)); // what belongs to none is asked for none

        return app(CurrentBusiness::class)->once(
            $id,
            'business',
            static fn (): Business => Business::query()->findOrFail($id),
        );
    }
}

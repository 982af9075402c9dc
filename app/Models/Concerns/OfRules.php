<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Business;
use Illuminate\Database\Eloquent\Model;

/** Part of what a business has set up: a change of it gives the business another rules mark (see RuleBooks). */
trait OfRules
{
    public static function bootOfRules(): void
    {
        $mark = static function (Model $model): void {
            $business = $model->getAttribute('business_id');
            assert(is_int($business));
            Business::markRules($business);
        };
        static::saved($mark);
        static::deleted($mark);
    }
}

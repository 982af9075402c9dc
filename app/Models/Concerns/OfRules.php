<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Business;
use Illuminate\Database\Eloquent\Model;

/** Part of what a business has set up: with it the version of the business's rules changes (see RuleBooks). */
trait OfRules
{
    public static function bootOfRules(): void
    {
        $changed = static function (Model $model): void {
            $business = $model->getAttribute('business_id');
            assert(is_int($business));
            Business::rulesChanged($business);
        };
        static::saved($changed);
        static::deleted($changed);
    }
}

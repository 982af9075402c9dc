<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Speech;
use App\Models\Business;
use App\Models\CurrentBusiness;
use Illuminate\Database\ConnectionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Finds the business a page belongs to; from then on it is the one that is spoken of. */
final readonly class Published
{
    private const PAGE = 'select * from businesses where slug = ? and published_at is not null';

    private const IS_OFFERED = "active = 1 and visibility <> 'desk'";

    private const OFFERING = self::PAGE.' and exists (select 1 from services
        where services.business_id = businesses.id and services.id = ? and '.self::IS_OFFERED.')';

    public function __construct(
        private ConnectionInterface $db,
        private CurrentBusiness $current,
        private Speech $speech,
    ) {
    }

    /** @throws NotFoundHttpException where there is no such page */
    public function page(string $slug): Business
    {
        return $this->found(self::PAGE, [$slug]);
    }

    /**
     * The same, if clients may book the service there: in one query, for the page's most frequent question.
     *
     * @throws NotFoundHttpException
     */
    public function offering(string $slug, string $service): Business
    {
        return $this->found(self::OFFERING, [$slug, $service]);
    }

    /**
     * Which of the services clients may book there, in one query.
     *
     * @param  non-empty-list<string>  $services ids
     * @return list<string> ids
     */
    public function offered(Business $business, array $services): array
    {
        $offered = $this->db
            ->table('services')
            ->where('business_id', $business->id)
            ->whereIn('id', $services)
            ->whereRaw(self::IS_OFFERED)
            ->pluck('id')
            ->all();

        return array_values(array_filter($offered, is_string(...)));
    }

    /** @param  list<string>  $bindings */
    private function found(string $query, array $bindings): Business
    {
        $row = $this->db->select($query, $bindings)[0] ?? throw new NotFoundHttpException;
        $business = (new Business)->newFromBuilder((array) $row);
        $this->current->set($business->id, $business);
        $this->speech->of($business->locale);

        return $business;
    }
}

<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Client;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The link to a client's own page at a business, mailed to them: signed, good for a week. */
final readonly class OwnPageLink
{
    private const DAYS = 7;

    public function __construct(private LinkSeal $seal, private Clock $clock, private string $url)
    {
    }

    public function to(Client $client): string
    {
        return "{$this->url}/c/{$client->id}?{$this->query($client)}";
    }

    /** "until=…&seal=…" */
    public function query(Client $client): string
    {
        $until = $this->clock->now()->addDays(self::DAYS)->getTimestamp();

        return $this->seal->query(self::what($client), $client->link_version, $until);
    }

    /** @throws NotFoundHttpException|LinkTooOld */
    public function check(Request $request, Client $client): void
    {
        $this->seal->check($request, self::what($client), $client->link_version);
    }

    /** @throws NotFoundHttpException unless it carries a seal that was good once */
    public function checkMade(Request $request, Client $client): void
    {
        $this->seal->checkMade($request, self::what($client), $client->link_version);
    }

    private static function what(Client $client): string
    {
        return 'client '.strtolower($client->id);
    }
}

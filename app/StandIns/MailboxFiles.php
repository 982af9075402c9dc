<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Messages\Letter;
use App\Messages\LetterMail;
use App\Messages\Post;
use App\Messages\PostFailed;
use App\Support\Clock;

/**
 * The mailbox stand-in: each mail is a file as it would go over the wire, named by its key, beside a short note of what
 * is in it. An address that begins with "full." refuses everything, as a full mailbox does.
 */
final readonly class MailboxFiles implements Post
{
    public function __construct(private Clock $clock, private string $folder)
    {
    }

    public function send(Letter $letter): void
    {
        if (str_starts_with($letter->to, 'full.')) {
            throw new PostFailed("The mailbox of {$letter->to} is full.");
        }
        if (! is_dir($this->folder) && ! mkdir($this->folder, 0770, true) && ! is_dir($this->folder)) {
            throw new PostFailed("The mailbox folder {$this->folder} cannot be made.");
        }
        $name = hash('sha256', $letter->key);
        if (is_file("{$this->folder}/{$name}.json")) {
            return;
        }
        $this->write("{$name}.eml", LetterMail::of($letter, 'bell@yardbell.example')->toString());
        $this->write(
            "{$name}.json",
            json_encode(
                [
                    'id' => $name,
                    'at' => (float) $this->clock->machine()->format('U.u'),
                    'to' => $letter->to,
                    'from' => $letter->fromName,
                    'subject' => $letter->subject,
                    'text' => $letter->text,
                    'calendar' => $letter->calendar,
                    'method' => $letter->calendarMethod,
                ],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        );
    }

    /**
     * @return list<array{
     *     id: string, at: float, to: string, from: string, subject: string, text: string, calendar: string|null,
     *     method: string|null,
     * }> newest first
     */
    public function all(): array
    {
        /**
         * @var list<array{
         *     id: string, at: float, to: string, from: string, subject: string, text: string, calendar: string|null,
         *     method: string|null,
         * }> $mails as send() writes them
         */
        $mails = array_map(
            static fn (string $file): mixed => json_decode(
                (string) file_get_contents($file),
                true,
                8,
                JSON_THROW_ON_ERROR,
            ),
            glob("{$this->folder}/*.json") ?: [],
        );
        usort($mails, static fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $mails;
    }

    /** Whole or not at all, and on the disk before it counts as sent: a power cut takes nothing back. */
    private function write(string $name, string $content): void
    {
        $draft = @tempnam($this->folder, 'draft');
        if ($draft === false) {
            throw new PostFailed('The mailbox folder cannot be written.');
        }
        if (! self::written($draft, $content) || ! @rename($draft, "{$this->folder}/{$name}")) {
            @unlink($draft);
            throw new PostFailed('The mailbox folder cannot be written.');
        }
    }

    private static function written(string $path, string $content): bool
    {
        $file = @fopen($path, 'wb');
        if ($file === false) {
            return false;
        }
        try {
            return @fwrite($file, $content) === strlen($content) && fflush($file) && fsync($file);
        } finally {
            fclose($file);
        }
    }
}

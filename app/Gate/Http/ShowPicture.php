<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Models\CurrentBusiness;
use App\Models\Picture;
use App\Roster\PictureFiles;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A picture, to everybody who has its address; it never changes. */
final readonly class ShowPicture
{
    public function __construct(private PictureFiles $files, private CurrentBusiness $current)
    {
    }

    public function __invoke(string $id): BinaryFileResponse
    {
        $path = $this->files->path($this->current->across(static fn (): Picture => Picture::query()->findOrFail($id)));
        abort_unless(is_file($path), 404);

        return new BinaryFileResponse(
            $path,
            headers: [
                'Content-Type' => 'image/webp',
                'Cache-Control' => 'public, max-age=31536000, immutable',
                'Content-Disposition' => 'inline',
            ],
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\Business;
use App\Models\Picture;
use GdImage;
use Illuminate\Validation\ValidationException;

/** Pictures on the disk: whatever comes in is decoded, made smaller and written anew, so nothing but pixels is kept. */
final readonly class PictureFiles
{
    public const LARGEST_KILOBYTES = 8192;

    /** Pixels of the longer side that are kept. */
    private const LONGEST = 1600;

    /** More would take all memory while it is decoded, however small the file is; as much as large telephones take. */
    private const MOST_PIXELS = 25_000_000;

    private const QUALITY = 82;

    public function __construct(private string $folder)
    {
    }

    /** @throws ValidationException where it is no picture, or too large a one */
    public function take(Business $business, string $bytes): Picture
    {
        $size = @getimagesizefromstring($bytes);
        if (
            $size === false ||
            ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP, IMAGETYPE_GIF, IMAGETYPE_AVIF], true)
        ) {
            throw self::wrong('wrong.picture.kind');
        }
        if ($size[0] < 1 || $size[1] < 1 || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw self::wrong('wrong.picture.pixels');
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw self::wrong('wrong.picture.damaged');
        }

        return $this->keep($business, self::smaller($image));
    }

    public function path(Picture $picture): string
    {
        return "{$this->folder}/{$picture->business_id}/".strtolower($picture->id).'.webp';
    }

    private function keep(Business $business, GdImage $image): Picture
    {
        $picture = Picture::query()->create([
            'business_id' => $business->id,
            'width' => imagesx($image),
            'height' => imagesy($image),
        ]);
        @mkdir(dirname($this->path($picture)), 0o755, true);
        imagewebp($image, $this->path($picture), self::QUALITY);

        return $picture;
    }

    private static function smaller(GdImage $image): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1, self::LONGEST / max($width, $height));
        $small = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        imagealphablending($small, false);
        imagesavealpha($small, true);
        imagecopyresampled(
            dst_image: $small,
            src_image: $image,
            dst_x: 0,
            dst_y: 0,
            src_x: 0,
            src_y: 0,
            dst_width: imagesx($small),
            dst_height: imagesy($small),
            src_width: $width,
            src_height: $height,
        );

        return $small;
    }

    private static function wrong(string $sentence): ValidationException
    {
        return ValidationException::withMessages(['picture' => $sentence]);
    }
}

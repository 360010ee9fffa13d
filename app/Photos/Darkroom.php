<?php

declare(strict_types=1);

namespace App\Photos;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Intervention\Image\Exceptions\RuntimeException as ImageException;
use Intervention\Image\ImageManager;

/**
 * Takes a photo in: turned upright, made smaller, written anew without anything its camera noted but the hour and the
 * lens. One at a time: a photo of 12 MP takes about 60 MB while it is open.
 */
final readonly class Darkroom
{
    private const LONGEST_PX = 2000;

    private const THUMB_PX = 360;

    private const MOST_PIXELS = 50_000_000;

    public function __construct(private Filesystem $files)
    {
    }

    /** @throws ValidationException if the file is no picture, or too large to open */
    public function develop(UploadedFile $photo, string $shoot): Developed
    {
        $size = @getimagesize($photo->getPathname());
        if ($size === false) {
            throw ValidationException::withMessages(
                ['photos' => '“'.$photo->getClientOriginalName().'” is not a picture we can read. Use JPEG, PNG or WebP.'],
            );
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw ValidationException::withMessages(['photos' => '“'.$photo->getClientOriginalName().'” is larger than 50 megapixels.']);
        }
        $said = self::said($photo->getPathname(), $size[2]);
        $name = substr(hash_file('sha256', $photo->getPathname()) ?: bin2hex(random_bytes(8)), 0, 20).'.jpg';
        $folder = self::folder($shoot);
        $this->files->ensureDirectoryExists($folder);
        try {
            // Turned upright once it is small: turning takes a second copy.
            $image = ImageManager::gd(autoOrientation: false, strip: true)
                ->read($photo->getPathname())
                ->scaleDown(self::LONGEST_PX, self::LONGEST_PX)
                ->orient();
        } catch (ImageException|\ErrorException) {
            throw ValidationException::withMessages(
                ['photos' => '“'.$photo->getClientOriginalName().'” is damaged or not a picture. Use JPEG, PNG or WebP.'],
            );
        }
        $image->toJpeg(82)->save("$folder/$name");
        [$width, $height] = [$image->width(), $image->height()];
        $image->scaleDown(self::THUMB_PX, self::THUMB_PX)->toJpeg(78)->save("$folder/thumb-$name");

        return new Developed($name, $width, $height, $said['focal'], $said['sensor'], $said['on'], $said['at'], '');
    }

    public function path(string $shoot, string $file): ?string
    {
        return preg_match('/^(thumb-)?[0-9a-f]{16,20}\.jpg$/', $file) === 1 && is_file(self::folder($shoot)."/$file")
            ? self::folder($shoot)."/$file"
            : null;
    }

    /** @return list<string> a shoot’s prints, small ones too */
    public function prints(string $shoot): array
    {
        $all = array_filter($this->files->glob(self::folder($shoot).'/*.jpg'), is_string(...));
        sort($all);

        return $all;
    }

    /**
     * Puts a print back as it was.
     *
     * @param  resource  $from
     */
    public function put(string $shoot, string $file, $from): void
    {
        $this->files->ensureDirectoryExists(self::folder($shoot));
        file_put_contents(self::folder($shoot)."/$file", $from);
    }

    /** Takes a shoot's photos off the disk. */
    public function discard(string $shoot): void
    {
        $this->files->deleteDirectory(self::folder($shoot));
    }

    private static function folder(string $shoot): string
    {
        return storage_path("app/photos/$shoot");
    }

    /** @return array{focal: float|null, sensor: float|null, on: string, at: string} what the camera noted and a plan can use */
    private static function said(string $path, int $type): array
    {
        $exif = $type === IMAGETYPE_JPEG && function_exists('exif_read_data') ? (@exif_read_data($path) ?: []) : [];
        $ratio = static function (mixed $value): ?float {
            $parts = array_map(floatval(...), explode('/', is_scalar($value) ? (string) $value : ''));

            return $parts[0] > 0 ? $parts[0] / (($parts[1] ?? 1.0) ?: 1.0) : null;
        };
        $focal = $ratio($exif['FocalLength'] ?? '');
        $alike = $ratio($exif['FocalLengthIn35mmFilm'] ?? '');
        $when = is_string($exif['DateTimeOriginal'] ?? null)
            ? \DateTimeImmutable::createFromFormat('Y:m:d H:i:s', $exif['DateTimeOriginal'])
            : false;

        return [
            'focal' => $focal, 'sensor' => $focal !== null && $alike !== null ? round(36.0 * $focal / $alike, 2) : null,
            'on' => $when === false ? '' : $when->format('Y-m-d'), 'at' => $when === false ? '' : $when->format('H:i'),
        ];
    }
}

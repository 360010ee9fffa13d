<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How somebody did in an exercise, as they left its plan.
 *
 * @property int $id
 * @property string|null $shoot_id its plan; null once that is thrown away
 * @property int|null $owner_id null where nobody signs in
 * @property string $exercise
 * @property string $named the check that they took to tell what is wrong
 * @property bool $is_named whether it is that one
 * @property bool $is_mended
 * @property bool $breaks whether something else breaks by what they did
 * @property int $seconds from the first look to the answer
 */
final class ExerciseRun extends Model
{
    protected $guarded = [];

    protected $casts = ['is_named' => 'bool', 'is_mended' => 'bool', 'breaks' => 'bool', 'seconds' => 'int', 'owner_id' => 'int'];
}

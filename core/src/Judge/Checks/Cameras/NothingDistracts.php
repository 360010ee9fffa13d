<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\School;
use FineFrame\Scene\Gear;
use FineFrame\Scene\Solid;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;
use FineFrame\Staging\Role;

/**
 * Whoever speaks has one face to speak to: other people within sight of it pull the eyes away. By the school of the lens, the interviewer
 * hides.
 */
final class NothingDistracts extends Rule
{
    /** Within this of the look, something is seen without turning. */
    private const SIGHT_RAD = 45 * M_PI / 180;

    /** Over what whoever is at a camera stands on, metres. */
    private const EYES_M = 1.6;

    /** Half the width of a head, metres. */
    private const HALF_HEAD_M = 0.08;

    public function id(): string
    {
        return 'nothing-distracts';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        if (! $situation->setup->isTalk()) {
            return;
        }
        $hides = $situation->setup->plan->brief->schools->has(School::IntoLens);
        foreach ($situation->setup->subjects() as $subject) {
            $body = $situation->setup->bodies[$subject->id];
            $seen = [];
            foreach ($situation->setup->bodies as $id => $other) {
                $isAsker = $other->person->role === Role::Interviewer;
                if ($isAsker && ($hides || $id !== $subject->looksAt) && $this->sees($situation, $body, $other->eyes, $id)) {
                    $seen[$id] = $other->person->name;
                }
            }
            foreach ($situation->scene->views as $id => $view) {
                $feet = Gear::operatorPlace($view->camera, $view->forwardVector());
                $head = $feet->at($situation->setup->room->standingAt($feet) + self::EYES_M);
                if ($view->camera->isManned() && $id !== $subject->looksAt && $this->sees($situation, $body, $head, $id)) {
                    $seen[$id] = $view->camera->placement->operator ?: 'whoever is at '.$view->camera->placement->label;
                }
            }
            yield $this->finding(
                $seen === [] ? Severity::Holds : Severity::Watch,
                ['subject' => $subject->name, 'who' => implode(', ', $seen)],
                [$subject->id],
                new Working(
                    'seen = within 45° of the look, with nothing in between',
                    [
                        'in sight' => $seen === [] ? 'nobody' : implode(', ', $seen),
                        'half of sight' => Quantity::degrees(rad2deg(self::SIGHT_RAD)),
                    ],
                    $hides ? 'school: into the lens' : 'school: to a person beside the lens',
                ),
                fn (): array => $this->aside($situation, $body, array_keys($seen)),
                match (true) {
                    $seen === [] => null,
                    $hides => 'hide',
                    default => null,
                },
            );
        }
    }

    /** Whether a face comes through between what stands there: a pole before it hides nobody. */
    private function sees(Situation $situation, Body $body, Vec3 $head, string $owner): bool
    {
        $to = $head->minus($body->eyes);
        if ($body->face()->at(0.0)->angleTo($to) > self::SIGHT_RAD) {
            return false;
        }
        $solids = array_filter(
            [...$situation->scene->shell, ...$situation->scene->solids],
            static fn (Solid $s): bool => ! in_array($s->owner, [$owner, $body->person->id], true) && $s->kind !== ThingKind::Boom,
        );
        $aside = $to->floor()->left()->unit()->times(self::HALF_HEAD_M)->at(0.0);
        foreach ([$to, $to->plus($aside), $to->minus($aside)] as $way) {
            if (! self::isHidden($solids, $body->eyes, $way)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<Solid>  $solids */
    private static function isHidden(array $solids, Vec3 $from, Vec3 $way): bool
    {
        foreach ($solids as $solid) {
            $met = $solid->hitBy([$from->x, $from->y, $from->z], [$way->x, $way->y, $way->z]);
            if ($met !== null && $met < 0.97) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whoever is seen, just out of sight at the same distance, to either side.
     *
     * @param  list<string>  $who
     * @return list<Mend>
     */
    private function aside(Situation $situation, Body $body, array $who): array
    {
        $ideas = [];
        foreach (array_intersect($who, array_keys($situation->setup->bodies)) as $id) {
            $place = $situation->setup->bodies[$id]->person->place;
            foreach ([1.0, -1.0] as $side) {
                $to = $body->person->place->plus(
                    $body->face()->turnedClockwise($side * (self::SIGHT_RAD + 0.1))->times($place->distanceTo($body->person->place)),
                );
                $ideas[] = new Mend(
                    'move',
                    ['thing' => $situation->name($id), 'distance' => Quantity::metres($place->distanceTo($to))],
                    $situation->moved("subjects/$id", $to),
                );
            }
        }

        return $ideas;
    }
}

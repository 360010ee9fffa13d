<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->string('id', 64)->primary();
            $table->string('name', 80)->default('');
            $table->double('offset_ms')->default(0);
            $table->timestamps();
        });
        Schema::create('marks', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('id', 80);
            $table->string('device', 64);
            $table->unsignedInteger('n');
            $table->double('at_ms');
            $table->string('kind', 24);
            $table->text('says');
            $table->double('server_ms');
            $table->unique(['shoot_id', 'id']);
            $table->unique(['shoot_id', 'device', 'n']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('marks');
        Schema::dropIfExists('devices');
    }
};

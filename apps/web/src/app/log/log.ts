import { Component } from '@angular/core';
@Component({ selector: 'otter-log', template: 'Log' })
export class Log {}

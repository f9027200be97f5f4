var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var addRow = validate81;
var formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate81(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate81.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.projectId === void 0 && (missing0 = "projectId") || data.taskId === void 0 && (missing0 = "taskId") || data.serviceId === void 0 && (missing0 = "serviceId") || data.billable === void 0 && (missing0 = "billable"))
        return validate81.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "projectId" || key0 === "taskId" || key0 === "serviceId" || key0 === "billable")) {
            return validate81.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.projectId !== void 0) {
            let data0 = data.projectId, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate81.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate81.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.taskId !== void 0) {
              let data1 = data.taskId, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6 && errors === _errs6)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err0 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                } else {
                  let err1 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs8 = errors;
              if (data1 !== null) {
                let err2 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
              var _valid0 = _errs8 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err3 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate81.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.serviceId !== void 0) {
                let data2 = data.serviceId, _errs10 = errors;
                if (errors === _errs10 && errors === _errs10)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2))
                      return validate81.errors = [{ instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                  } else
                    return validate81.errors = [{ instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs10 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.billable !== void 0) {
                  let _errs12 = errors;
                  if (typeof data.billable != "boolean")
                    return validate81.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                  var valid0 = _errs12 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate81.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate81.errors = vErrors, errors === 0;
}
validate81.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var bringRows = validate82;
function validate82(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate82.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.withHours === void 0 && (missing0 = "withHours"))
        return validate82.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "withHours") {
            return validate82.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.withHours !== void 0 && typeof data.withHours != "boolean")
          return validate82.errors = [{ instancePath: instancePath + "/withHours", schemaPath: "#/properties/withHours/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
      }
    } else
      return validate82.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate82.errors = vErrors, errors === 0;
}
validate82.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeEntries = validate83, schema94 = { type: "object", required: ["create", "change", "remove"], properties: { create: { type: "array", items: { type: "object", required: ["id", "personId", "date", "projectId", "taskId", "serviceId", "note", "origin"], properties: { id: { type: "string", format: "uuid" }, personId: { type: "string", format: "uuid" }, date: { type: "string", format: "date" }, projectId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, taskId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, serviceId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, note: { type: "string", maxLength: 2e3 }, quantity: { type: "integer", minimum: 1, maximum: 2678400 }, billable: { type: "boolean" }, span: { type: "object", required: ["start", "end", "breakSeconds"], properties: { start: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, end: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, breakSeconds: { type: "integer", minimum: 0, maximum: 86400 }, whichStart: { type: "string", enum: ["earlier", "later"] }, whichEnd: { type: "string", enum: ["earlier", "later"] } }, additionalProperties: !1 }, origin: { type: "string", enum: ["typed", "grid"] }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 }, maxItems: 400 }, change: { type: "array", items: { type: "object", required: ["id", "version", "change"], properties: { id: { type: "string", format: "uuid" }, version: { type: "integer", minimum: 1, maximum: 2147483647 }, change: { type: "object", properties: { date: { type: "string", format: "date" }, projectId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, taskId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, serviceId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, quantity: { type: "integer", minimum: 1, maximum: 2678400 }, billable: { type: "boolean" }, note: { type: "string", maxLength: 2e3 }, explanation: { type: "string", maxLength: 500 }, span: { anyOf: [{ type: "object", required: ["start", "end", "breakSeconds"], properties: { start: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, end: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, breakSeconds: { type: "integer", minimum: 0, maximum: 86400 }, whichStart: { type: "string", enum: ["earlier", "later"] }, whichEnd: { type: "string", enum: ["earlier", "later"] } }, additionalProperties: !1 }, { type: "null" }] }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1, minProperties: 1 } }, additionalProperties: !1 }, maxItems: 400 }, remove: { type: "array", items: { type: "object", required: ["id", "version"], properties: { id: { type: "string", format: "uuid" }, version: { type: "integer", minimum: 1, maximum: 2147483647 }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 }, maxItems: 400 }, restore: { type: "array", items: { type: "string", format: "uuid" }, maxItems: 400 } }, additionalProperties: !1 }, func1 = Object.prototype.hasOwnProperty, func2 = require_ucs2length().default, formats0 = /^\d{4}-\d{2}-\d{2}$/, pattern7 = new RegExp("^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$", "u"), pattern4 = new RegExp("\\S", "u");
function validate83(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate83.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.create === void 0 && (missing0 = "create") || data.change === void 0 && (missing0 = "change") || data.remove === void 0 && (missing0 = "remove"))
        return validate83.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "create" || key0 === "change" || key0 === "remove" || key0 === "restore")) {
            return validate83.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.create !== void 0) {
            let data0 = data.create, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 400)
                  return validate83.errors = [{ instancePath: instancePath + "/create", schemaPath: "#/properties/create/maxItems", keyword: "maxItems", params: { limit: 400 }, message: "must NOT have more than 400 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.personId === void 0 && (missing1 = "personId") || data1.date === void 0 && (missing1 = "date") || data1.projectId === void 0 && (missing1 = "projectId") || data1.taskId === void 0 && (missing1 = "taskId") || data1.serviceId === void 0 && (missing1 = "serviceId") || data1.note === void 0 && (missing1 = "note") || data1.origin === void 0 && (missing1 = "origin"))
                          return validate83.errors = [{ instancePath: instancePath + "/create/" + i0, schemaPath: "#/properties/create/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!func1.call(schema94.properties.create.items.properties, key1)) {
                              return validate83.errors = [{ instancePath: instancePath + "/create/" + i0, schemaPath: "#/properties/create/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/id", schemaPath: "#/properties/create/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/id", schemaPath: "#/properties/create/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2) {
                              if (data1.personId !== void 0) {
                                let data3 = data1.personId, _errs9 = errors;
                                if (errors === _errs9 && errors === _errs9)
                                  if (typeof data3 == "string") {
                                    if (!formats4.test(data3))
                                      return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/personId", schemaPath: "#/properties/create/items/properties/personId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                  } else
                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/personId", schemaPath: "#/properties/create/items/properties/personId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                              if (valid2) {
                                if (data1.date !== void 0) {
                                  let data4 = data1.date, _errs11 = errors;
                                  if (errors === _errs11 && errors === _errs11)
                                    if (typeof data4 == "string") {
                                      if (!formats0.test(data4))
                                        return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/date", schemaPath: "#/properties/create/items/properties/date/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                                    } else
                                      return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/date", schemaPath: "#/properties/create/items/properties/date/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid2 = _errs11 === errors;
                                } else
                                  var valid2 = !0;
                                if (valid2) {
                                  if (data1.projectId !== void 0) {
                                    let data5 = data1.projectId, _errs13 = errors, _errs14 = errors, valid3 = !1, _errs15 = errors;
                                    if (errors === _errs15 && errors === _errs15)
                                      if (typeof data5 == "string") {
                                        if (!formats4.test(data5)) {
                                          let err0 = { instancePath: instancePath + "/create/" + i0 + "/projectId", schemaPath: "#/properties/create/items/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                          vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                                        }
                                      } else {
                                        let err1 = { instancePath: instancePath + "/create/" + i0 + "/projectId", schemaPath: "#/properties/create/items/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                        vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                                      }
                                    var _valid0 = _errs15 === errors;
                                    valid3 = valid3 || _valid0;
                                    let _errs17 = errors;
                                    if (data5 !== null) {
                                      let err2 = { instancePath: instancePath + "/create/" + i0 + "/projectId", schemaPath: "#/properties/create/items/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                      vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                                    }
                                    var _valid0 = _errs17 === errors;
                                    if (valid3 = valid3 || _valid0, valid3)
                                      errors = _errs14, vErrors !== null && (_errs14 ? vErrors.length = _errs14 : vErrors = null);
                                    else {
                                      let err3 = { instancePath: instancePath + "/create/" + i0 + "/projectId", schemaPath: "#/properties/create/items/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                      return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate83.errors = vErrors, !1;
                                    }
                                    var valid2 = _errs13 === errors;
                                  } else
                                    var valid2 = !0;
                                  if (valid2) {
                                    if (data1.taskId !== void 0) {
                                      let data6 = data1.taskId, _errs19 = errors, _errs20 = errors, valid4 = !1, _errs21 = errors;
                                      if (errors === _errs21 && errors === _errs21)
                                        if (typeof data6 == "string") {
                                          if (!formats4.test(data6)) {
                                            let err4 = { instancePath: instancePath + "/create/" + i0 + "/taskId", schemaPath: "#/properties/create/items/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                            vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                                          }
                                        } else {
                                          let err5 = { instancePath: instancePath + "/create/" + i0 + "/taskId", schemaPath: "#/properties/create/items/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                          vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                                        }
                                      var _valid1 = _errs21 === errors;
                                      valid4 = valid4 || _valid1;
                                      let _errs23 = errors;
                                      if (data6 !== null) {
                                        let err6 = { instancePath: instancePath + "/create/" + i0 + "/taskId", schemaPath: "#/properties/create/items/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                        vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                                      }
                                      var _valid1 = _errs23 === errors;
                                      if (valid4 = valid4 || _valid1, valid4)
                                        errors = _errs20, vErrors !== null && (_errs20 ? vErrors.length = _errs20 : vErrors = null);
                                      else {
                                        let err7 = { instancePath: instancePath + "/create/" + i0 + "/taskId", schemaPath: "#/properties/create/items/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                        return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate83.errors = vErrors, !1;
                                      }
                                      var valid2 = _errs19 === errors;
                                    } else
                                      var valid2 = !0;
                                    if (valid2) {
                                      if (data1.serviceId !== void 0) {
                                        let data7 = data1.serviceId, _errs25 = errors, _errs26 = errors, valid5 = !1, _errs27 = errors;
                                        if (errors === _errs27 && errors === _errs27)
                                          if (typeof data7 == "string") {
                                            if (!formats4.test(data7)) {
                                              let err8 = { instancePath: instancePath + "/create/" + i0 + "/serviceId", schemaPath: "#/properties/create/items/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                              vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                                            }
                                          } else {
                                            let err9 = { instancePath: instancePath + "/create/" + i0 + "/serviceId", schemaPath: "#/properties/create/items/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                                          }
                                        var _valid2 = _errs27 === errors;
                                        valid5 = valid5 || _valid2;
                                        let _errs29 = errors;
                                        if (data7 !== null) {
                                          let err10 = { instancePath: instancePath + "/create/" + i0 + "/serviceId", schemaPath: "#/properties/create/items/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                          vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                        }
                                        var _valid2 = _errs29 === errors;
                                        if (valid5 = valid5 || _valid2, valid5)
                                          errors = _errs26, vErrors !== null && (_errs26 ? vErrors.length = _errs26 : vErrors = null);
                                        else {
                                          let err11 = { instancePath: instancePath + "/create/" + i0 + "/serviceId", schemaPath: "#/properties/create/items/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                          return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate83.errors = vErrors, !1;
                                        }
                                        var valid2 = _errs25 === errors;
                                      } else
                                        var valid2 = !0;
                                      if (valid2) {
                                        if (data1.note !== void 0) {
                                          let data8 = data1.note, _errs31 = errors;
                                          if (errors === _errs31)
                                            if (typeof data8 == "string") {
                                              if (func2(data8) > 2e3)
                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/note", schemaPath: "#/properties/create/items/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                                            } else
                                              return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/note", schemaPath: "#/properties/create/items/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                          var valid2 = _errs31 === errors;
                                        } else
                                          var valid2 = !0;
                                        if (valid2) {
                                          if (data1.quantity !== void 0) {
                                            let data9 = data1.quantity, _errs33 = errors;
                                            if (!(typeof data9 == "number" && !(data9 % 1) && !isNaN(data9) && isFinite(data9)))
                                              return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/quantity", schemaPath: "#/properties/create/items/properties/quantity/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                            if (errors === _errs33 && typeof data9 == "number" && isFinite(data9)) {
                                              if (data9 > 2678400 || isNaN(data9))
                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/quantity", schemaPath: "#/properties/create/items/properties/quantity/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2678400 }, message: "must be <= 2678400" }], !1;
                                              if (data9 < 1 || isNaN(data9))
                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/quantity", schemaPath: "#/properties/create/items/properties/quantity/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                            }
                                            var valid2 = _errs33 === errors;
                                          } else
                                            var valid2 = !0;
                                          if (valid2) {
                                            if (data1.billable !== void 0) {
                                              let _errs35 = errors;
                                              if (typeof data1.billable != "boolean")
                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/billable", schemaPath: "#/properties/create/items/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                              var valid2 = _errs35 === errors;
                                            } else
                                              var valid2 = !0;
                                            if (valid2) {
                                              if (data1.span !== void 0) {
                                                let data11 = data1.span, _errs37 = errors;
                                                if (errors === _errs37)
                                                  if (data11 && typeof data11 == "object" && !Array.isArray(data11)) {
                                                    let missing2;
                                                    if (data11.start === void 0 && (missing2 = "start") || data11.end === void 0 && (missing2 = "end") || data11.breakSeconds === void 0 && (missing2 = "breakSeconds"))
                                                      return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span", schemaPath: "#/properties/create/items/properties/span/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                                                    {
                                                      let _errs39 = errors;
                                                      for (let key2 in data11)
                                                        if (!(key2 === "start" || key2 === "end" || key2 === "breakSeconds" || key2 === "whichStart" || key2 === "whichEnd")) {
                                                          return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span", schemaPath: "#/properties/create/items/properties/span/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                                          break;
                                                        }
                                                      if (_errs39 === errors) {
                                                        if (data11.start !== void 0) {
                                                          let data12 = data11.start, _errs40 = errors;
                                                          if (errors === _errs40)
                                                            if (typeof data12 == "string") {
                                                              if (!pattern7.test(data12))
                                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/start", schemaPath: "#/properties/create/items/properties/span/properties/start/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                                            } else
                                                              return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/start", schemaPath: "#/properties/create/items/properties/span/properties/start/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                          var valid6 = _errs40 === errors;
                                                        } else
                                                          var valid6 = !0;
                                                        if (valid6) {
                                                          if (data11.end !== void 0) {
                                                            let data13 = data11.end, _errs42 = errors;
                                                            if (errors === _errs42)
                                                              if (typeof data13 == "string") {
                                                                if (!pattern7.test(data13))
                                                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/end", schemaPath: "#/properties/create/items/properties/span/properties/end/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                                              } else
                                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/end", schemaPath: "#/properties/create/items/properties/span/properties/end/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                            var valid6 = _errs42 === errors;
                                                          } else
                                                            var valid6 = !0;
                                                          if (valid6) {
                                                            if (data11.breakSeconds !== void 0) {
                                                              let data14 = data11.breakSeconds, _errs44 = errors;
                                                              if (!(typeof data14 == "number" && !(data14 % 1) && !isNaN(data14) && isFinite(data14)))
                                                                return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/breakSeconds", schemaPath: "#/properties/create/items/properties/span/properties/breakSeconds/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                                              if (errors === _errs44 && typeof data14 == "number" && isFinite(data14)) {
                                                                if (data14 > 86400 || isNaN(data14))
                                                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/breakSeconds", schemaPath: "#/properties/create/items/properties/span/properties/breakSeconds/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                                                                if (data14 < 0 || isNaN(data14))
                                                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/breakSeconds", schemaPath: "#/properties/create/items/properties/span/properties/breakSeconds/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                                                              }
                                                              var valid6 = _errs44 === errors;
                                                            } else
                                                              var valid6 = !0;
                                                            if (valid6) {
                                                              if (data11.whichStart !== void 0) {
                                                                let data15 = data11.whichStart, _errs46 = errors;
                                                                if (typeof data15 != "string")
                                                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/whichStart", schemaPath: "#/properties/create/items/properties/span/properties/whichStart/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                                if (!(data15 === "earlier" || data15 === "later"))
                                                                  return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/whichStart", schemaPath: "#/properties/create/items/properties/span/properties/whichStart/enum", keyword: "enum", params: { allowedValues: schema94.properties.create.items.properties.span.properties.whichStart.enum }, message: "must be equal to one of the allowed values" }], !1;
                                                                var valid6 = _errs46 === errors;
                                                              } else
                                                                var valid6 = !0;
                                                              if (valid6)
                                                                if (data11.whichEnd !== void 0) {
                                                                  let data16 = data11.whichEnd, _errs48 = errors;
                                                                  if (typeof data16 != "string")
                                                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/whichEnd", schemaPath: "#/properties/create/items/properties/span/properties/whichEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                                  if (!(data16 === "earlier" || data16 === "later"))
                                                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span/whichEnd", schemaPath: "#/properties/create/items/properties/span/properties/whichEnd/enum", keyword: "enum", params: { allowedValues: schema94.properties.create.items.properties.span.properties.whichEnd.enum }, message: "must be equal to one of the allowed values" }], !1;
                                                                  var valid6 = _errs48 === errors;
                                                                } else
                                                                  var valid6 = !0;
                                                            }
                                                          }
                                                        }
                                                      }
                                                    }
                                                  } else
                                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/span", schemaPath: "#/properties/create/items/properties/span/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                                var valid2 = _errs37 === errors;
                                              } else
                                                var valid2 = !0;
                                              if (valid2) {
                                                if (data1.origin !== void 0) {
                                                  let data17 = data1.origin, _errs50 = errors;
                                                  if (typeof data17 != "string")
                                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/origin", schemaPath: "#/properties/create/items/properties/origin/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  if (!(data17 === "typed" || data17 === "grid"))
                                                    return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/origin", schemaPath: "#/properties/create/items/properties/origin/enum", keyword: "enum", params: { allowedValues: schema94.properties.create.items.properties.origin.enum }, message: "must be equal to one of the allowed values" }], !1;
                                                  var valid2 = _errs50 === errors;
                                                } else
                                                  var valid2 = !0;
                                                if (valid2)
                                                  if (data1.reason !== void 0) {
                                                    let data18 = data1.reason, _errs52 = errors;
                                                    if (errors === _errs52)
                                                      if (typeof data18 == "string") {
                                                        if (func2(data18) > 500)
                                                          return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/reason", schemaPath: "#/properties/create/items/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                        if (func2(data18) < 1)
                                                          return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/reason", schemaPath: "#/properties/create/items/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                        if (!pattern4.test(data18))
                                                          return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/reason", schemaPath: "#/properties/create/items/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                                      } else
                                                        return validate83.errors = [{ instancePath: instancePath + "/create/" + i0 + "/reason", schemaPath: "#/properties/create/items/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                    var valid2 = _errs52 === errors;
                                                  } else
                                                    var valid2 = !0;
                                              }
                                            }
                                          }
                                        }
                                      }
                                    }
                                  }
                                }
                              }
                            }
                          }
                        }
                      } else
                        return validate83.errors = [{ instancePath: instancePath + "/create/" + i0, schemaPath: "#/properties/create/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate83.errors = [{ instancePath: instancePath + "/create", schemaPath: "#/properties/create/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.change !== void 0) {
              let data19 = data.change, _errs54 = errors;
              if (errors === _errs54)
                if (Array.isArray(data19)) {
                  if (data19.length > 400)
                    return validate83.errors = [{ instancePath: instancePath + "/change", schemaPath: "#/properties/change/maxItems", keyword: "maxItems", params: { limit: 400 }, message: "must NOT have more than 400 items" }], !1;
                  {
                    var valid7 = !0;
                    let len1 = data19.length;
                    for (let i1 = 0; i1 < len1; i1++) {
                      let data20 = data19[i1], _errs56 = errors;
                      if (errors === _errs56)
                        if (data20 && typeof data20 == "object" && !Array.isArray(data20)) {
                          let missing3;
                          if (data20.id === void 0 && (missing3 = "id") || data20.version === void 0 && (missing3 = "version") || data20.change === void 0 && (missing3 = "change"))
                            return validate83.errors = [{ instancePath: instancePath + "/change/" + i1, schemaPath: "#/properties/change/items/required", keyword: "required", params: { missingProperty: missing3 }, message: "must have required property '" + missing3 + "'" }], !1;
                          {
                            let _errs58 = errors;
                            for (let key3 in data20)
                              if (!(key3 === "id" || key3 === "version" || key3 === "change")) {
                                return validate83.errors = [{ instancePath: instancePath + "/change/" + i1, schemaPath: "#/properties/change/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key3 }, message: "must NOT have additional properties" }], !1;
                                break;
                              }
                            if (_errs58 === errors) {
                              if (data20.id !== void 0) {
                                let data21 = data20.id, _errs59 = errors;
                                if (errors === _errs59 && errors === _errs59)
                                  if (typeof data21 == "string") {
                                    if (!formats4.test(data21))
                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/id", schemaPath: "#/properties/change/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                  } else
                                    return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/id", schemaPath: "#/properties/change/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid8 = _errs59 === errors;
                              } else
                                var valid8 = !0;
                              if (valid8) {
                                if (data20.version !== void 0) {
                                  let data22 = data20.version, _errs61 = errors;
                                  if (!(typeof data22 == "number" && !(data22 % 1) && !isNaN(data22) && isFinite(data22)))
                                    return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/version", schemaPath: "#/properties/change/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                  if (errors === _errs61 && typeof data22 == "number" && isFinite(data22)) {
                                    if (data22 > 2147483647 || isNaN(data22))
                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/version", schemaPath: "#/properties/change/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                    if (data22 < 1 || isNaN(data22))
                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/version", schemaPath: "#/properties/change/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                  }
                                  var valid8 = _errs61 === errors;
                                } else
                                  var valid8 = !0;
                                if (valid8)
                                  if (data20.change !== void 0) {
                                    let data23 = data20.change, _errs63 = errors;
                                    if (errors === _errs63)
                                      if (data23 && typeof data23 == "object" && !Array.isArray(data23)) {
                                        if (Object.keys(data23).length < 1)
                                          return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change", schemaPath: "#/properties/change/items/properties/change/minProperties", keyword: "minProperties", params: { limit: 1 }, message: "must NOT have fewer than 1 properties" }], !1;
                                        {
                                          let _errs65 = errors;
                                          for (let key4 in data23)
                                            if (!func1.call(schema94.properties.change.items.properties.change.properties, key4)) {
                                              return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change", schemaPath: "#/properties/change/items/properties/change/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key4 }, message: "must NOT have additional properties" }], !1;
                                              break;
                                            }
                                          if (_errs65 === errors) {
                                            if (data23.date !== void 0) {
                                              let data24 = data23.date, _errs66 = errors;
                                              if (errors === _errs66 && errors === _errs66)
                                                if (typeof data24 == "string") {
                                                  if (!formats0.test(data24))
                                                    return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/date", schemaPath: "#/properties/change/items/properties/change/properties/date/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                                                } else
                                                  return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/date", schemaPath: "#/properties/change/items/properties/change/properties/date/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                              var valid9 = _errs66 === errors;
                                            } else
                                              var valid9 = !0;
                                            if (valid9) {
                                              if (data23.projectId !== void 0) {
                                                let data25 = data23.projectId, _errs68 = errors, _errs69 = errors, valid10 = !1, _errs70 = errors;
                                                if (errors === _errs70 && errors === _errs70)
                                                  if (typeof data25 == "string") {
                                                    if (!formats4.test(data25)) {
                                                      let err12 = { instancePath: instancePath + "/change/" + i1 + "/change/projectId", schemaPath: "#/properties/change/items/properties/change/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                                      vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                                    }
                                                  } else {
                                                    let err13 = { instancePath: instancePath + "/change/" + i1 + "/change/projectId", schemaPath: "#/properties/change/items/properties/change/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                    vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                                                  }
                                                var _valid3 = _errs70 === errors;
                                                valid10 = valid10 || _valid3;
                                                let _errs72 = errors;
                                                if (data25 !== null) {
                                                  let err14 = { instancePath: instancePath + "/change/" + i1 + "/change/projectId", schemaPath: "#/properties/change/items/properties/change/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                                  vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                                                }
                                                var _valid3 = _errs72 === errors;
                                                if (valid10 = valid10 || _valid3, valid10)
                                                  errors = _errs69, vErrors !== null && (_errs69 ? vErrors.length = _errs69 : vErrors = null);
                                                else {
                                                  let err15 = { instancePath: instancePath + "/change/" + i1 + "/change/projectId", schemaPath: "#/properties/change/items/properties/change/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                                  return vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++, validate83.errors = vErrors, !1;
                                                }
                                                var valid9 = _errs68 === errors;
                                              } else
                                                var valid9 = !0;
                                              if (valid9) {
                                                if (data23.taskId !== void 0) {
                                                  let data26 = data23.taskId, _errs74 = errors, _errs75 = errors, valid11 = !1, _errs76 = errors;
                                                  if (errors === _errs76 && errors === _errs76)
                                                    if (typeof data26 == "string") {
                                                      if (!formats4.test(data26)) {
                                                        let err16 = { instancePath: instancePath + "/change/" + i1 + "/change/taskId", schemaPath: "#/properties/change/items/properties/change/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                                        vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                                      }
                                                    } else {
                                                      let err17 = { instancePath: instancePath + "/change/" + i1 + "/change/taskId", schemaPath: "#/properties/change/items/properties/change/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                      vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                                    }
                                                  var _valid4 = _errs76 === errors;
                                                  valid11 = valid11 || _valid4;
                                                  let _errs78 = errors;
                                                  if (data26 !== null) {
                                                    let err18 = { instancePath: instancePath + "/change/" + i1 + "/change/taskId", schemaPath: "#/properties/change/items/properties/change/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                                    vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                                                  }
                                                  var _valid4 = _errs78 === errors;
                                                  if (valid11 = valid11 || _valid4, valid11)
                                                    errors = _errs75, vErrors !== null && (_errs75 ? vErrors.length = _errs75 : vErrors = null);
                                                  else {
                                                    let err19 = { instancePath: instancePath + "/change/" + i1 + "/change/taskId", schemaPath: "#/properties/change/items/properties/change/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                                    return vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++, validate83.errors = vErrors, !1;
                                                  }
                                                  var valid9 = _errs74 === errors;
                                                } else
                                                  var valid9 = !0;
                                                if (valid9) {
                                                  if (data23.serviceId !== void 0) {
                                                    let data27 = data23.serviceId, _errs80 = errors, _errs81 = errors, valid12 = !1, _errs82 = errors;
                                                    if (errors === _errs82 && errors === _errs82)
                                                      if (typeof data27 == "string") {
                                                        if (!formats4.test(data27)) {
                                                          let err20 = { instancePath: instancePath + "/change/" + i1 + "/change/serviceId", schemaPath: "#/properties/change/items/properties/change/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                                          vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                                                        }
                                                      } else {
                                                        let err21 = { instancePath: instancePath + "/change/" + i1 + "/change/serviceId", schemaPath: "#/properties/change/items/properties/change/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                        vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++;
                                                      }
                                                    var _valid5 = _errs82 === errors;
                                                    valid12 = valid12 || _valid5;
                                                    let _errs84 = errors;
                                                    if (data27 !== null) {
                                                      let err22 = { instancePath: instancePath + "/change/" + i1 + "/change/serviceId", schemaPath: "#/properties/change/items/properties/change/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                                      vErrors === null ? vErrors = [err22] : vErrors.push(err22), errors++;
                                                    }
                                                    var _valid5 = _errs84 === errors;
                                                    if (valid12 = valid12 || _valid5, valid12)
                                                      errors = _errs81, vErrors !== null && (_errs81 ? vErrors.length = _errs81 : vErrors = null);
                                                    else {
                                                      let err23 = { instancePath: instancePath + "/change/" + i1 + "/change/serviceId", schemaPath: "#/properties/change/items/properties/change/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                                      return vErrors === null ? vErrors = [err23] : vErrors.push(err23), errors++, validate83.errors = vErrors, !1;
                                                    }
                                                    var valid9 = _errs80 === errors;
                                                  } else
                                                    var valid9 = !0;
                                                  if (valid9) {
                                                    if (data23.quantity !== void 0) {
                                                      let data28 = data23.quantity, _errs86 = errors;
                                                      if (!(typeof data28 == "number" && !(data28 % 1) && !isNaN(data28) && isFinite(data28)))
                                                        return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/quantity", schemaPath: "#/properties/change/items/properties/change/properties/quantity/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                                      if (errors === _errs86 && typeof data28 == "number" && isFinite(data28)) {
                                                        if (data28 > 2678400 || isNaN(data28))
                                                          return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/quantity", schemaPath: "#/properties/change/items/properties/change/properties/quantity/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2678400 }, message: "must be <= 2678400" }], !1;
                                                        if (data28 < 1 || isNaN(data28))
                                                          return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/quantity", schemaPath: "#/properties/change/items/properties/change/properties/quantity/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                                      }
                                                      var valid9 = _errs86 === errors;
                                                    } else
                                                      var valid9 = !0;
                                                    if (valid9) {
                                                      if (data23.billable !== void 0) {
                                                        let _errs88 = errors;
                                                        if (typeof data23.billable != "boolean")
                                                          return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/billable", schemaPath: "#/properties/change/items/properties/change/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                                        var valid9 = _errs88 === errors;
                                                      } else
                                                        var valid9 = !0;
                                                      if (valid9) {
                                                        if (data23.note !== void 0) {
                                                          let data30 = data23.note, _errs90 = errors;
                                                          if (errors === _errs90)
                                                            if (typeof data30 == "string") {
                                                              if (func2(data30) > 2e3)
                                                                return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/note", schemaPath: "#/properties/change/items/properties/change/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                                                            } else
                                                              return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/note", schemaPath: "#/properties/change/items/properties/change/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                          var valid9 = _errs90 === errors;
                                                        } else
                                                          var valid9 = !0;
                                                        if (valid9) {
                                                          if (data23.explanation !== void 0) {
                                                            let data31 = data23.explanation, _errs92 = errors;
                                                            if (errors === _errs92)
                                                              if (typeof data31 == "string") {
                                                                if (func2(data31) > 500)
                                                                  return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/explanation", schemaPath: "#/properties/change/items/properties/change/properties/explanation/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                              } else
                                                                return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/explanation", schemaPath: "#/properties/change/items/properties/change/properties/explanation/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                            var valid9 = _errs92 === errors;
                                                          } else
                                                            var valid9 = !0;
                                                          if (valid9) {
                                                            if (data23.span !== void 0) {
                                                              let data32 = data23.span, _errs94 = errors, _errs95 = errors, valid13 = !1, _errs96 = errors;
                                                              if (errors === _errs96)
                                                                if (data32 && typeof data32 == "object" && !Array.isArray(data32)) {
                                                                  let missing4;
                                                                  if (data32.start === void 0 && (missing4 = "start") || data32.end === void 0 && (missing4 = "end") || data32.breakSeconds === void 0 && (missing4 = "breakSeconds")) {
                                                                    let err24 = { instancePath: instancePath + "/change/" + i1 + "/change/span", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/required", keyword: "required", params: { missingProperty: missing4 }, message: "must have required property '" + missing4 + "'" };
                                                                    vErrors === null ? vErrors = [err24] : vErrors.push(err24), errors++;
                                                                  } else {
                                                                    let _errs98 = errors;
                                                                    for (let key5 in data32)
                                                                      if (!(key5 === "start" || key5 === "end" || key5 === "breakSeconds" || key5 === "whichStart" || key5 === "whichEnd")) {
                                                                        let err25 = { instancePath: instancePath + "/change/" + i1 + "/change/span", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key5 }, message: "must NOT have additional properties" };
                                                                        vErrors === null ? vErrors = [err25] : vErrors.push(err25), errors++;
                                                                        break;
                                                                      }
                                                                    if (_errs98 === errors) {
                                                                      if (data32.start !== void 0) {
                                                                        let data33 = data32.start, _errs99 = errors;
                                                                        if (errors === _errs99)
                                                                          if (typeof data33 == "string") {
                                                                            if (!pattern7.test(data33)) {
                                                                              let err26 = { instancePath: instancePath + "/change/" + i1 + "/change/span/start", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/start/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' };
                                                                              vErrors === null ? vErrors = [err26] : vErrors.push(err26), errors++;
                                                                            }
                                                                          } else {
                                                                            let err27 = { instancePath: instancePath + "/change/" + i1 + "/change/span/start", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/start/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                                            vErrors === null ? vErrors = [err27] : vErrors.push(err27), errors++;
                                                                          }
                                                                        var valid14 = _errs99 === errors;
                                                                      } else
                                                                        var valid14 = !0;
                                                                      if (valid14) {
                                                                        if (data32.end !== void 0) {
                                                                          let data34 = data32.end, _errs101 = errors;
                                                                          if (errors === _errs101)
                                                                            if (typeof data34 == "string") {
                                                                              if (!pattern7.test(data34)) {
                                                                                let err28 = { instancePath: instancePath + "/change/" + i1 + "/change/span/end", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/end/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' };
                                                                                vErrors === null ? vErrors = [err28] : vErrors.push(err28), errors++;
                                                                              }
                                                                            } else {
                                                                              let err29 = { instancePath: instancePath + "/change/" + i1 + "/change/span/end", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/end/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                                              vErrors === null ? vErrors = [err29] : vErrors.push(err29), errors++;
                                                                            }
                                                                          var valid14 = _errs101 === errors;
                                                                        } else
                                                                          var valid14 = !0;
                                                                        if (valid14) {
                                                                          if (data32.breakSeconds !== void 0) {
                                                                            let data35 = data32.breakSeconds, _errs103 = errors;
                                                                            if (!(typeof data35 == "number" && !(data35 % 1) && !isNaN(data35) && isFinite(data35))) {
                                                                              let err30 = { instancePath: instancePath + "/change/" + i1 + "/change/span/breakSeconds", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/breakSeconds/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                                                                              vErrors === null ? vErrors = [err30] : vErrors.push(err30), errors++;
                                                                            }
                                                                            if (errors === _errs103 && typeof data35 == "number" && isFinite(data35)) {
                                                                              if (data35 > 86400 || isNaN(data35)) {
                                                                                let err31 = { instancePath: instancePath + "/change/" + i1 + "/change/span/breakSeconds", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/breakSeconds/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" };
                                                                                vErrors === null ? vErrors = [err31] : vErrors.push(err31), errors++;
                                                                              } else if (data35 < 0 || isNaN(data35)) {
                                                                                let err32 = { instancePath: instancePath + "/change/" + i1 + "/change/span/breakSeconds", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/breakSeconds/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                                                                                vErrors === null ? vErrors = [err32] : vErrors.push(err32), errors++;
                                                                              }
                                                                            }
                                                                            var valid14 = _errs103 === errors;
                                                                          } else
                                                                            var valid14 = !0;
                                                                          if (valid14) {
                                                                            if (data32.whichStart !== void 0) {
                                                                              let data36 = data32.whichStart, _errs105 = errors;
                                                                              if (typeof data36 != "string") {
                                                                                let err33 = { instancePath: instancePath + "/change/" + i1 + "/change/span/whichStart", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/whichStart/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                                                vErrors === null ? vErrors = [err33] : vErrors.push(err33), errors++;
                                                                              }
                                                                              if (!(data36 === "earlier" || data36 === "later")) {
                                                                                let err34 = { instancePath: instancePath + "/change/" + i1 + "/change/span/whichStart", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/whichStart/enum", keyword: "enum", params: { allowedValues: schema94.properties.change.items.properties.change.properties.span.anyOf[0].properties.whichStart.enum }, message: "must be equal to one of the allowed values" };
                                                                                vErrors === null ? vErrors = [err34] : vErrors.push(err34), errors++;
                                                                              }
                                                                              var valid14 = _errs105 === errors;
                                                                            } else
                                                                              var valid14 = !0;
                                                                            if (valid14)
                                                                              if (data32.whichEnd !== void 0) {
                                                                                let data37 = data32.whichEnd, _errs107 = errors;
                                                                                if (typeof data37 != "string") {
                                                                                  let err35 = { instancePath: instancePath + "/change/" + i1 + "/change/span/whichEnd", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/whichEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                                                  vErrors === null ? vErrors = [err35] : vErrors.push(err35), errors++;
                                                                                }
                                                                                if (!(data37 === "earlier" || data37 === "later")) {
                                                                                  let err36 = { instancePath: instancePath + "/change/" + i1 + "/change/span/whichEnd", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/properties/whichEnd/enum", keyword: "enum", params: { allowedValues: schema94.properties.change.items.properties.change.properties.span.anyOf[0].properties.whichEnd.enum }, message: "must be equal to one of the allowed values" };
                                                                                  vErrors === null ? vErrors = [err36] : vErrors.push(err36), errors++;
                                                                                }
                                                                                var valid14 = _errs107 === errors;
                                                                              } else
                                                                                var valid14 = !0;
                                                                          }
                                                                        }
                                                                      }
                                                                    }
                                                                  }
                                                                } else {
                                                                  let err37 = { instancePath: instancePath + "/change/" + i1 + "/change/span", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                                                                  vErrors === null ? vErrors = [err37] : vErrors.push(err37), errors++;
                                                                }
                                                              var _valid6 = _errs96 === errors;
                                                              valid13 = valid13 || _valid6;
                                                              let _errs109 = errors;
                                                              if (data32 !== null) {
                                                                let err38 = { instancePath: instancePath + "/change/" + i1 + "/change/span", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                                                vErrors === null ? vErrors = [err38] : vErrors.push(err38), errors++;
                                                              }
                                                              var _valid6 = _errs109 === errors;
                                                              if (valid13 = valid13 || _valid6, valid13)
                                                                errors = _errs95, vErrors !== null && (_errs95 ? vErrors.length = _errs95 : vErrors = null);
                                                              else {
                                                                let err39 = { instancePath: instancePath + "/change/" + i1 + "/change/span", schemaPath: "#/properties/change/items/properties/change/properties/span/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                                                return vErrors === null ? vErrors = [err39] : vErrors.push(err39), errors++, validate83.errors = vErrors, !1;
                                                              }
                                                              var valid9 = _errs94 === errors;
                                                            } else
                                                              var valid9 = !0;
                                                            if (valid9)
                                                              if (data23.reason !== void 0) {
                                                                let data38 = data23.reason, _errs111 = errors;
                                                                if (errors === _errs111)
                                                                  if (typeof data38 == "string") {
                                                                    if (func2(data38) > 500)
                                                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/reason", schemaPath: "#/properties/change/items/properties/change/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                                    if (func2(data38) < 1)
                                                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/reason", schemaPath: "#/properties/change/items/properties/change/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                                    if (!pattern4.test(data38))
                                                                      return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/reason", schemaPath: "#/properties/change/items/properties/change/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                                                  } else
                                                                    return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change/reason", schemaPath: "#/properties/change/items/properties/change/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                                var valid9 = _errs111 === errors;
                                                              } else
                                                                var valid9 = !0;
                                                          }
                                                        }
                                                      }
                                                    }
                                                  }
                                                }
                                              }
                                            }
                                          }
                                        }
                                      } else
                                        return validate83.errors = [{ instancePath: instancePath + "/change/" + i1 + "/change", schemaPath: "#/properties/change/items/properties/change/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                    var valid8 = _errs63 === errors;
                                  } else
                                    var valid8 = !0;
                              }
                            }
                          }
                        } else
                          return validate83.errors = [{ instancePath: instancePath + "/change/" + i1, schemaPath: "#/properties/change/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                      var valid7 = _errs56 === errors;
                      if (!valid7)
                        break;
                    }
                  }
                } else
                  return validate83.errors = [{ instancePath: instancePath + "/change", schemaPath: "#/properties/change/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs54 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.remove !== void 0) {
                let data39 = data.remove, _errs113 = errors;
                if (errors === _errs113)
                  if (Array.isArray(data39)) {
                    if (data39.length > 400)
                      return validate83.errors = [{ instancePath: instancePath + "/remove", schemaPath: "#/properties/remove/maxItems", keyword: "maxItems", params: { limit: 400 }, message: "must NOT have more than 400 items" }], !1;
                    {
                      var valid15 = !0;
                      let len2 = data39.length;
                      for (let i2 = 0; i2 < len2; i2++) {
                        let data40 = data39[i2], _errs115 = errors;
                        if (errors === _errs115)
                          if (data40 && typeof data40 == "object" && !Array.isArray(data40)) {
                            let missing5;
                            if (data40.id === void 0 && (missing5 = "id") || data40.version === void 0 && (missing5 = "version"))
                              return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2, schemaPath: "#/properties/remove/items/required", keyword: "required", params: { missingProperty: missing5 }, message: "must have required property '" + missing5 + "'" }], !1;
                            {
                              let _errs117 = errors;
                              for (let key6 in data40)
                                if (!(key6 === "id" || key6 === "version" || key6 === "reason")) {
                                  return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2, schemaPath: "#/properties/remove/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key6 }, message: "must NOT have additional properties" }], !1;
                                  break;
                                }
                              if (_errs117 === errors) {
                                if (data40.id !== void 0) {
                                  let data41 = data40.id, _errs118 = errors;
                                  if (errors === _errs118 && errors === _errs118)
                                    if (typeof data41 == "string") {
                                      if (!formats4.test(data41))
                                        return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/id", schemaPath: "#/properties/remove/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                    } else
                                      return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/id", schemaPath: "#/properties/remove/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid16 = _errs118 === errors;
                                } else
                                  var valid16 = !0;
                                if (valid16) {
                                  if (data40.version !== void 0) {
                                    let data42 = data40.version, _errs120 = errors;
                                    if (!(typeof data42 == "number" && !(data42 % 1) && !isNaN(data42) && isFinite(data42)))
                                      return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/version", schemaPath: "#/properties/remove/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                    if (errors === _errs120 && typeof data42 == "number" && isFinite(data42)) {
                                      if (data42 > 2147483647 || isNaN(data42))
                                        return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/version", schemaPath: "#/properties/remove/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                      if (data42 < 1 || isNaN(data42))
                                        return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/version", schemaPath: "#/properties/remove/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                    }
                                    var valid16 = _errs120 === errors;
                                  } else
                                    var valid16 = !0;
                                  if (valid16)
                                    if (data40.reason !== void 0) {
                                      let data43 = data40.reason, _errs122 = errors;
                                      if (errors === _errs122)
                                        if (typeof data43 == "string") {
                                          if (func2(data43) > 500)
                                            return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/reason", schemaPath: "#/properties/remove/items/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                          if (func2(data43) < 1)
                                            return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/reason", schemaPath: "#/properties/remove/items/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                          if (!pattern4.test(data43))
                                            return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/reason", schemaPath: "#/properties/remove/items/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                        } else
                                          return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2 + "/reason", schemaPath: "#/properties/remove/items/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      var valid16 = _errs122 === errors;
                                    } else
                                      var valid16 = !0;
                                }
                              }
                            }
                          } else
                            return validate83.errors = [{ instancePath: instancePath + "/remove/" + i2, schemaPath: "#/properties/remove/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                        var valid15 = _errs115 === errors;
                        if (!valid15)
                          break;
                      }
                    }
                  } else
                    return validate83.errors = [{ instancePath: instancePath + "/remove", schemaPath: "#/properties/remove/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs113 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.restore !== void 0) {
                  let data44 = data.restore, _errs124 = errors;
                  if (errors === _errs124)
                    if (Array.isArray(data44)) {
                      if (data44.length > 400)
                        return validate83.errors = [{ instancePath: instancePath + "/restore", schemaPath: "#/properties/restore/maxItems", keyword: "maxItems", params: { limit: 400 }, message: "must NOT have more than 400 items" }], !1;
                      {
                        var valid17 = !0;
                        let len3 = data44.length;
                        for (let i3 = 0; i3 < len3; i3++) {
                          let data45 = data44[i3], _errs126 = errors;
                          if (errors === _errs126 && errors === _errs126)
                            if (typeof data45 == "string") {
                              if (!formats4.test(data45))
                                return validate83.errors = [{ instancePath: instancePath + "/restore/" + i3, schemaPath: "#/properties/restore/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                            } else
                              return validate83.errors = [{ instancePath: instancePath + "/restore/" + i3, schemaPath: "#/properties/restore/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid17 = _errs126 === errors;
                          if (!valid17)
                            break;
                        }
                      }
                    } else
                      return validate83.errors = [{ instancePath: instancePath + "/restore", schemaPath: "#/properties/restore/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                  var valid0 = _errs124 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate83.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate83.errors = vErrors, errors === 0;
}
validate83.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeEntry = validate84, schema95 = { type: "object", properties: { date: { type: "string", format: "date" }, projectId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, taskId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, serviceId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, quantity: { type: "integer", minimum: 1, maximum: 2678400 }, billable: { type: "boolean" }, note: { type: "string", maxLength: 2e3 }, explanation: { type: "string", maxLength: 500 }, span: { anyOf: [{ type: "object", required: ["start", "end", "breakSeconds"], properties: { start: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, end: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, breakSeconds: { type: "integer", minimum: 0, maximum: 86400 }, whichStart: { type: "string", enum: ["earlier", "later"] }, whichEnd: { type: "string", enum: ["earlier", "later"] } }, additionalProperties: !1 }, { type: "null" }] }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1, minProperties: 1 };
function validate84(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate84.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      if (Object.keys(data).length < 1)
        return validate84.errors = [{ instancePath, schemaPath: "#/minProperties", keyword: "minProperties", params: { limit: 1 }, message: "must NOT have fewer than 1 properties" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!func1.call(schema95.properties, key0)) {
            return validate84.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.date !== void 0) {
            let data0 = data.date, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats0.test(data0))
                  return validate84.errors = [{ instancePath: instancePath + "/date", schemaPath: "#/properties/date/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
              } else
                return validate84.errors = [{ instancePath: instancePath + "/date", schemaPath: "#/properties/date/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.projectId !== void 0) {
              let data1 = data.projectId, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6 && errors === _errs6)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err0 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                } else {
                  let err1 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs8 = errors;
              if (data1 !== null) {
                let err2 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
              var _valid0 = _errs8 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err3 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate84.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.taskId !== void 0) {
                let data2 = data.taskId, _errs10 = errors, _errs11 = errors, valid2 = !1, _errs12 = errors;
                if (errors === _errs12 && errors === _errs12)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2)) {
                      let err4 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                      vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                    }
                  } else {
                    let err5 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                  }
                var _valid1 = _errs12 === errors;
                valid2 = valid2 || _valid1;
                let _errs14 = errors;
                if (data2 !== null) {
                  let err6 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                }
                var _valid1 = _errs14 === errors;
                if (valid2 = valid2 || _valid1, valid2)
                  errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
                else {
                  let err7 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate84.errors = vErrors, !1;
                }
                var valid0 = _errs10 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.serviceId !== void 0) {
                  let data3 = data.serviceId, _errs16 = errors, _errs17 = errors, valid3 = !1, _errs18 = errors;
                  if (errors === _errs18 && errors === _errs18)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3)) {
                        let err8 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                      }
                    } else {
                      let err9 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                    }
                  var _valid2 = _errs18 === errors;
                  valid3 = valid3 || _valid2;
                  let _errs20 = errors;
                  if (data3 !== null) {
                    let err10 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                  }
                  var _valid2 = _errs20 === errors;
                  if (valid3 = valid3 || _valid2, valid3)
                    errors = _errs17, vErrors !== null && (_errs17 ? vErrors.length = _errs17 : vErrors = null);
                  else {
                    let err11 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate84.errors = vErrors, !1;
                  }
                  var valid0 = _errs16 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.quantity !== void 0) {
                    let data4 = data.quantity, _errs22 = errors;
                    if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4)))
                      return validate84.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                    if (errors === _errs22 && typeof data4 == "number" && isFinite(data4)) {
                      if (data4 > 2678400 || isNaN(data4))
                        return validate84.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2678400 }, message: "must be <= 2678400" }], !1;
                      if (data4 < 1 || isNaN(data4))
                        return validate84.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                    }
                    var valid0 = _errs22 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.billable !== void 0) {
                      let _errs24 = errors;
                      if (typeof data.billable != "boolean")
                        return validate84.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                      var valid0 = _errs24 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.note !== void 0) {
                        let data6 = data.note, _errs26 = errors;
                        if (errors === _errs26)
                          if (typeof data6 == "string") {
                            if (func2(data6) > 2e3)
                              return validate84.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                          } else
                            return validate84.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs26 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data.explanation !== void 0) {
                          let data7 = data.explanation, _errs28 = errors;
                          if (errors === _errs28)
                            if (typeof data7 == "string") {
                              if (func2(data7) > 500)
                                return validate84.errors = [{ instancePath: instancePath + "/explanation", schemaPath: "#/properties/explanation/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                            } else
                              return validate84.errors = [{ instancePath: instancePath + "/explanation", schemaPath: "#/properties/explanation/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid0 = _errs28 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data.span !== void 0) {
                            let data8 = data.span, _errs30 = errors, _errs31 = errors, valid4 = !1, _errs32 = errors;
                            if (errors === _errs32)
                              if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
                                let missing0;
                                if (data8.start === void 0 && (missing0 = "start") || data8.end === void 0 && (missing0 = "end") || data8.breakSeconds === void 0 && (missing0 = "breakSeconds")) {
                                  let err12 = { instancePath: instancePath + "/span", schemaPath: "#/properties/span/anyOf/0/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" };
                                  vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                } else {
                                  let _errs34 = errors;
                                  for (let key1 in data8)
                                    if (!(key1 === "start" || key1 === "end" || key1 === "breakSeconds" || key1 === "whichStart" || key1 === "whichEnd")) {
                                      let err13 = { instancePath: instancePath + "/span", schemaPath: "#/properties/span/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                                      vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                                      break;
                                    }
                                  if (_errs34 === errors) {
                                    if (data8.start !== void 0) {
                                      let data9 = data8.start, _errs35 = errors;
                                      if (errors === _errs35)
                                        if (typeof data9 == "string") {
                                          if (!pattern7.test(data9)) {
                                            let err14 = { instancePath: instancePath + "/span/start", schemaPath: "#/properties/span/anyOf/0/properties/start/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' };
                                            vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++;
                                          }
                                        } else {
                                          let err15 = { instancePath: instancePath + "/span/start", schemaPath: "#/properties/span/anyOf/0/properties/start/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                          vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                                        }
                                      var valid5 = _errs35 === errors;
                                    } else
                                      var valid5 = !0;
                                    if (valid5) {
                                      if (data8.end !== void 0) {
                                        let data10 = data8.end, _errs37 = errors;
                                        if (errors === _errs37)
                                          if (typeof data10 == "string") {
                                            if (!pattern7.test(data10)) {
                                              let err16 = { instancePath: instancePath + "/span/end", schemaPath: "#/properties/span/anyOf/0/properties/end/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' };
                                              vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                            }
                                          } else {
                                            let err17 = { instancePath: instancePath + "/span/end", schemaPath: "#/properties/span/anyOf/0/properties/end/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                          }
                                        var valid5 = _errs37 === errors;
                                      } else
                                        var valid5 = !0;
                                      if (valid5) {
                                        if (data8.breakSeconds !== void 0) {
                                          let data11 = data8.breakSeconds, _errs39 = errors;
                                          if (!(typeof data11 == "number" && !(data11 % 1) && !isNaN(data11) && isFinite(data11))) {
                                            let err18 = { instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/anyOf/0/properties/breakSeconds/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                                            vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++;
                                          }
                                          if (errors === _errs39 && typeof data11 == "number" && isFinite(data11)) {
                                            if (data11 > 86400 || isNaN(data11)) {
                                              let err19 = { instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/anyOf/0/properties/breakSeconds/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" };
                                              vErrors === null ? vErrors = [err19] : vErrors.push(err19), errors++;
                                            } else if (data11 < 0 || isNaN(data11)) {
                                              let err20 = { instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/anyOf/0/properties/breakSeconds/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                                              vErrors === null ? vErrors = [err20] : vErrors.push(err20), errors++;
                                            }
                                          }
                                          var valid5 = _errs39 === errors;
                                        } else
                                          var valid5 = !0;
                                        if (valid5) {
                                          if (data8.whichStart !== void 0) {
                                            let data12 = data8.whichStart, _errs41 = errors;
                                            if (typeof data12 != "string") {
                                              let err21 = { instancePath: instancePath + "/span/whichStart", schemaPath: "#/properties/span/anyOf/0/properties/whichStart/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                              vErrors === null ? vErrors = [err21] : vErrors.push(err21), errors++;
                                            }
                                            if (!(data12 === "earlier" || data12 === "later")) {
                                              let err22 = { instancePath: instancePath + "/span/whichStart", schemaPath: "#/properties/span/anyOf/0/properties/whichStart/enum", keyword: "enum", params: { allowedValues: schema95.properties.span.anyOf[0].properties.whichStart.enum }, message: "must be equal to one of the allowed values" };
                                              vErrors === null ? vErrors = [err22] : vErrors.push(err22), errors++;
                                            }
                                            var valid5 = _errs41 === errors;
                                          } else
                                            var valid5 = !0;
                                          if (valid5)
                                            if (data8.whichEnd !== void 0) {
                                              let data13 = data8.whichEnd, _errs43 = errors;
                                              if (typeof data13 != "string") {
                                                let err23 = { instancePath: instancePath + "/span/whichEnd", schemaPath: "#/properties/span/anyOf/0/properties/whichEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                vErrors === null ? vErrors = [err23] : vErrors.push(err23), errors++;
                                              }
                                              if (!(data13 === "earlier" || data13 === "later")) {
                                                let err24 = { instancePath: instancePath + "/span/whichEnd", schemaPath: "#/properties/span/anyOf/0/properties/whichEnd/enum", keyword: "enum", params: { allowedValues: schema95.properties.span.anyOf[0].properties.whichEnd.enum }, message: "must be equal to one of the allowed values" };
                                                vErrors === null ? vErrors = [err24] : vErrors.push(err24), errors++;
                                              }
                                              var valid5 = _errs43 === errors;
                                            } else
                                              var valid5 = !0;
                                        }
                                      }
                                    }
                                  }
                                }
                              } else {
                                let err25 = { instancePath: instancePath + "/span", schemaPath: "#/properties/span/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                                vErrors === null ? vErrors = [err25] : vErrors.push(err25), errors++;
                              }
                            var _valid3 = _errs32 === errors;
                            valid4 = valid4 || _valid3;
                            let _errs45 = errors;
                            if (data8 !== null) {
                              let err26 = { instancePath: instancePath + "/span", schemaPath: "#/properties/span/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                              vErrors === null ? vErrors = [err26] : vErrors.push(err26), errors++;
                            }
                            var _valid3 = _errs45 === errors;
                            if (valid4 = valid4 || _valid3, valid4)
                              errors = _errs31, vErrors !== null && (_errs31 ? vErrors.length = _errs31 : vErrors = null);
                            else {
                              let err27 = { instancePath: instancePath + "/span", schemaPath: "#/properties/span/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                              return vErrors === null ? vErrors = [err27] : vErrors.push(err27), errors++, validate84.errors = vErrors, !1;
                            }
                            var valid0 = _errs30 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0)
                            if (data.reason !== void 0) {
                              let data14 = data.reason, _errs47 = errors;
                              if (errors === _errs47)
                                if (typeof data14 == "string") {
                                  if (func2(data14) > 500)
                                    return validate84.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                  if (func2(data14) < 1)
                                    return validate84.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                  if (!pattern4.test(data14))
                                    return validate84.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                } else
                                  return validate84.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid0 = _errs47 === errors;
                            } else
                              var valid0 = !0;
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate84.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate84.errors = vErrors, errors === 0;
}
validate84.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTimer = validate85;
var formats152 = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d+)?Z$/;
function validate85(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate85.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      if (Object.keys(data).length < 1)
        return validate85.errors = [{ instancePath, schemaPath: "#/minProperties", keyword: "minProperties", params: { limit: 1 }, message: "must NOT have fewer than 1 properties" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "projectId" || key0 === "taskId" || key0 === "serviceId" || key0 === "billable" || key0 === "note" || key0 === "startedAt")) {
            return validate85.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.projectId !== void 0) {
            let data0 = data.projectId, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (errors === _errs4 && errors === _errs4)
              if (typeof data0 == "string") {
                if (!formats4.test(data0)) {
                  let err0 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                }
              } else {
                let err1 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
              }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs6 = errors;
            if (data0 !== null) {
              let err2 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
            }
            var _valid0 = _errs6 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err3 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate85.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.taskId !== void 0) {
              let data1 = data.taskId, _errs8 = errors, _errs9 = errors, valid2 = !1, _errs10 = errors;
              if (errors === _errs10 && errors === _errs10)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err4 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                  }
                } else {
                  let err5 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                }
              var _valid1 = _errs10 === errors;
              valid2 = valid2 || _valid1;
              let _errs12 = errors;
              if (data1 !== null) {
                let err6 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
              }
              var _valid1 = _errs12 === errors;
              if (valid2 = valid2 || _valid1, valid2)
                errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
              else {
                let err7 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate85.errors = vErrors, !1;
              }
              var valid0 = _errs8 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.serviceId !== void 0) {
                let data2 = data.serviceId, _errs14 = errors, _errs15 = errors, valid3 = !1, _errs16 = errors;
                if (errors === _errs16 && errors === _errs16)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2)) {
                      let err8 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                      vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                    }
                  } else {
                    let err9 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                  }
                var _valid2 = _errs16 === errors;
                valid3 = valid3 || _valid2;
                let _errs18 = errors;
                if (data2 !== null) {
                  let err10 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                }
                var _valid2 = _errs18 === errors;
                if (valid3 = valid3 || _valid2, valid3)
                  errors = _errs15, vErrors !== null && (_errs15 ? vErrors.length = _errs15 : vErrors = null);
                else {
                  let err11 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate85.errors = vErrors, !1;
                }
                var valid0 = _errs14 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.billable !== void 0) {
                  let _errs20 = errors;
                  if (typeof data.billable != "boolean")
                    return validate85.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                  var valid0 = _errs20 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.note !== void 0) {
                    let data4 = data.note, _errs22 = errors;
                    if (errors === _errs22)
                      if (typeof data4 == "string") {
                        if (func2(data4) > 2e3)
                          return validate85.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                      } else
                        return validate85.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs22 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0)
                    if (data.startedAt !== void 0) {
                      let data5 = data.startedAt, _errs24 = errors;
                      if (errors === _errs24 && errors === _errs24)
                        if (typeof data5 == "string") {
                          if (!formats152.test(data5))
                            return validate85.errors = [{ instancePath: instancePath + "/startedAt", schemaPath: "#/properties/startedAt/format", keyword: "format", params: { format: "date-time" }, message: 'must match format "date-time"' }], !1;
                        } else
                          return validate85.errors = [{ instancePath: instancePath + "/startedAt", schemaPath: "#/properties/startedAt/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid0 = _errs24 === errors;
                    } else
                      var valid0 = !0;
                }
              }
            }
          }
        }
      }
    } else
      return validate85.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate85.errors = vErrors, errors === 0;
}
validate85.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createEntry = validate86, schema97 = { type: "object", required: ["id", "personId", "date", "projectId", "taskId", "serviceId", "note", "origin"], properties: { id: { type: "string", format: "uuid" }, personId: { type: "string", format: "uuid" }, date: { type: "string", format: "date" }, projectId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, taskId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, serviceId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, note: { type: "string", maxLength: 2e3 }, quantity: { type: "integer", minimum: 1, maximum: 2678400 }, billable: { type: "boolean" }, span: { type: "object", required: ["start", "end", "breakSeconds"], properties: { start: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, end: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, breakSeconds: { type: "integer", minimum: 0, maximum: 86400 }, whichStart: { type: "string", enum: ["earlier", "later"] }, whichEnd: { type: "string", enum: ["earlier", "later"] } }, additionalProperties: !1 }, origin: { type: "string", enum: ["typed", "grid"] }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 };
function validate86(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate86.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.personId === void 0 && (missing0 = "personId") || data.date === void 0 && (missing0 = "date") || data.projectId === void 0 && (missing0 = "projectId") || data.taskId === void 0 && (missing0 = "taskId") || data.serviceId === void 0 && (missing0 = "serviceId") || data.note === void 0 && (missing0 = "note") || data.origin === void 0 && (missing0 = "origin"))
        return validate86.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!func1.call(schema97.properties, key0)) {
            return validate86.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate86.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate86.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.personId !== void 0) {
              let data1 = data.personId, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1))
                    return validate86.errors = [{ instancePath: instancePath + "/personId", schemaPath: "#/properties/personId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                } else
                  return validate86.errors = [{ instancePath: instancePath + "/personId", schemaPath: "#/properties/personId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.date !== void 0) {
                let data2 = data.date, _errs6 = errors;
                if (errors === _errs6 && errors === _errs6)
                  if (typeof data2 == "string") {
                    if (!formats0.test(data2))
                      return validate86.errors = [{ instancePath: instancePath + "/date", schemaPath: "#/properties/date/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                  } else
                    return validate86.errors = [{ instancePath: instancePath + "/date", schemaPath: "#/properties/date/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.projectId !== void 0) {
                  let data3 = data.projectId, _errs8 = errors, _errs9 = errors, valid1 = !1, _errs10 = errors;
                  if (errors === _errs10 && errors === _errs10)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3)) {
                        let err0 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                        vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                      }
                    } else {
                      let err1 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                    }
                  var _valid0 = _errs10 === errors;
                  valid1 = valid1 || _valid0;
                  let _errs12 = errors;
                  if (data3 !== null) {
                    let err2 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                  }
                  var _valid0 = _errs12 === errors;
                  if (valid1 = valid1 || _valid0, valid1)
                    errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
                  else {
                    let err3 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate86.errors = vErrors, !1;
                  }
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.taskId !== void 0) {
                    let data4 = data.taskId, _errs14 = errors, _errs15 = errors, valid2 = !1, _errs16 = errors;
                    if (errors === _errs16 && errors === _errs16)
                      if (typeof data4 == "string") {
                        if (!formats4.test(data4)) {
                          let err4 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                          vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                        }
                      } else {
                        let err5 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                        vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                      }
                    var _valid1 = _errs16 === errors;
                    valid2 = valid2 || _valid1;
                    let _errs18 = errors;
                    if (data4 !== null) {
                      let err6 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                      vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                    }
                    var _valid1 = _errs18 === errors;
                    if (valid2 = valid2 || _valid1, valid2)
                      errors = _errs15, vErrors !== null && (_errs15 ? vErrors.length = _errs15 : vErrors = null);
                    else {
                      let err7 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                      return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate86.errors = vErrors, !1;
                    }
                    var valid0 = _errs14 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.serviceId !== void 0) {
                      let data5 = data.serviceId, _errs20 = errors, _errs21 = errors, valid3 = !1, _errs22 = errors;
                      if (errors === _errs22 && errors === _errs22)
                        if (typeof data5 == "string") {
                          if (!formats4.test(data5)) {
                            let err8 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                            vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                          }
                        } else {
                          let err9 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                          vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                        }
                      var _valid2 = _errs22 === errors;
                      valid3 = valid3 || _valid2;
                      let _errs24 = errors;
                      if (data5 !== null) {
                        let err10 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                        vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                      }
                      var _valid2 = _errs24 === errors;
                      if (valid3 = valid3 || _valid2, valid3)
                        errors = _errs21, vErrors !== null && (_errs21 ? vErrors.length = _errs21 : vErrors = null);
                      else {
                        let err11 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                        return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate86.errors = vErrors, !1;
                      }
                      var valid0 = _errs20 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.note !== void 0) {
                        let data6 = data.note, _errs26 = errors;
                        if (errors === _errs26)
                          if (typeof data6 == "string") {
                            if (func2(data6) > 2e3)
                              return validate86.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                          } else
                            return validate86.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs26 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data.quantity !== void 0) {
                          let data7 = data.quantity, _errs28 = errors;
                          if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7)))
                            return validate86.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                          if (errors === _errs28 && typeof data7 == "number" && isFinite(data7)) {
                            if (data7 > 2678400 || isNaN(data7))
                              return validate86.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2678400 }, message: "must be <= 2678400" }], !1;
                            if (data7 < 1 || isNaN(data7))
                              return validate86.errors = [{ instancePath: instancePath + "/quantity", schemaPath: "#/properties/quantity/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                          }
                          var valid0 = _errs28 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data.billable !== void 0) {
                            let _errs30 = errors;
                            if (typeof data.billable != "boolean")
                              return validate86.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                            var valid0 = _errs30 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0) {
                            if (data.span !== void 0) {
                              let data9 = data.span, _errs32 = errors;
                              if (errors === _errs32)
                                if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
                                  let missing1;
                                  if (data9.start === void 0 && (missing1 = "start") || data9.end === void 0 && (missing1 = "end") || data9.breakSeconds === void 0 && (missing1 = "breakSeconds"))
                                    return validate86.errors = [{ instancePath: instancePath + "/span", schemaPath: "#/properties/span/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                                  {
                                    let _errs34 = errors;
                                    for (let key1 in data9)
                                      if (!(key1 === "start" || key1 === "end" || key1 === "breakSeconds" || key1 === "whichStart" || key1 === "whichEnd")) {
                                        return validate86.errors = [{ instancePath: instancePath + "/span", schemaPath: "#/properties/span/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                                        break;
                                      }
                                    if (_errs34 === errors) {
                                      if (data9.start !== void 0) {
                                        let data10 = data9.start, _errs35 = errors;
                                        if (errors === _errs35)
                                          if (typeof data10 == "string") {
                                            if (!pattern7.test(data10))
                                              return validate86.errors = [{ instancePath: instancePath + "/span/start", schemaPath: "#/properties/span/properties/start/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                          } else
                                            return validate86.errors = [{ instancePath: instancePath + "/span/start", schemaPath: "#/properties/span/properties/start/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                        var valid4 = _errs35 === errors;
                                      } else
                                        var valid4 = !0;
                                      if (valid4) {
                                        if (data9.end !== void 0) {
                                          let data11 = data9.end, _errs37 = errors;
                                          if (errors === _errs37)
                                            if (typeof data11 == "string") {
                                              if (!pattern7.test(data11))
                                                return validate86.errors = [{ instancePath: instancePath + "/span/end", schemaPath: "#/properties/span/properties/end/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                            } else
                                              return validate86.errors = [{ instancePath: instancePath + "/span/end", schemaPath: "#/properties/span/properties/end/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                          var valid4 = _errs37 === errors;
                                        } else
                                          var valid4 = !0;
                                        if (valid4) {
                                          if (data9.breakSeconds !== void 0) {
                                            let data12 = data9.breakSeconds, _errs39 = errors;
                                            if (!(typeof data12 == "number" && !(data12 % 1) && !isNaN(data12) && isFinite(data12)))
                                              return validate86.errors = [{ instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/properties/breakSeconds/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                            if (errors === _errs39 && typeof data12 == "number" && isFinite(data12)) {
                                              if (data12 > 86400 || isNaN(data12))
                                                return validate86.errors = [{ instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/properties/breakSeconds/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                                              if (data12 < 0 || isNaN(data12))
                                                return validate86.errors = [{ instancePath: instancePath + "/span/breakSeconds", schemaPath: "#/properties/span/properties/breakSeconds/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                                            }
                                            var valid4 = _errs39 === errors;
                                          } else
                                            var valid4 = !0;
                                          if (valid4) {
                                            if (data9.whichStart !== void 0) {
                                              let data13 = data9.whichStart, _errs41 = errors;
                                              if (typeof data13 != "string")
                                                return validate86.errors = [{ instancePath: instancePath + "/span/whichStart", schemaPath: "#/properties/span/properties/whichStart/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                              if (!(data13 === "earlier" || data13 === "later"))
                                                return validate86.errors = [{ instancePath: instancePath + "/span/whichStart", schemaPath: "#/properties/span/properties/whichStart/enum", keyword: "enum", params: { allowedValues: schema97.properties.span.properties.whichStart.enum }, message: "must be equal to one of the allowed values" }], !1;
                                              var valid4 = _errs41 === errors;
                                            } else
                                              var valid4 = !0;
                                            if (valid4)
                                              if (data9.whichEnd !== void 0) {
                                                let data14 = data9.whichEnd, _errs43 = errors;
                                                if (typeof data14 != "string")
                                                  return validate86.errors = [{ instancePath: instancePath + "/span/whichEnd", schemaPath: "#/properties/span/properties/whichEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                if (!(data14 === "earlier" || data14 === "later"))
                                                  return validate86.errors = [{ instancePath: instancePath + "/span/whichEnd", schemaPath: "#/properties/span/properties/whichEnd/enum", keyword: "enum", params: { allowedValues: schema97.properties.span.properties.whichEnd.enum }, message: "must be equal to one of the allowed values" }], !1;
                                                var valid4 = _errs43 === errors;
                                              } else
                                                var valid4 = !0;
                                          }
                                        }
                                      }
                                    }
                                  }
                                } else
                                  return validate86.errors = [{ instancePath: instancePath + "/span", schemaPath: "#/properties/span/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                              var valid0 = _errs32 === errors;
                            } else
                              var valid0 = !0;
                            if (valid0) {
                              if (data.origin !== void 0) {
                                let data15 = data.origin, _errs45 = errors;
                                if (typeof data15 != "string")
                                  return validate86.errors = [{ instancePath: instancePath + "/origin", schemaPath: "#/properties/origin/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                if (!(data15 === "typed" || data15 === "grid"))
                                  return validate86.errors = [{ instancePath: instancePath + "/origin", schemaPath: "#/properties/origin/enum", keyword: "enum", params: { allowedValues: schema97.properties.origin.enum }, message: "must be equal to one of the allowed values" }], !1;
                                var valid0 = _errs45 === errors;
                              } else
                                var valid0 = !0;
                              if (valid0)
                                if (data.reason !== void 0) {
                                  let data16 = data.reason, _errs47 = errors;
                                  if (errors === _errs47)
                                    if (typeof data16 == "string") {
                                      if (func2(data16) > 500)
                                        return validate86.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                      if (func2(data16) < 1)
                                        return validate86.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                      if (!pattern4.test(data16))
                                        return validate86.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                    } else
                                      return validate86.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid0 = _errs47 === errors;
                                } else
                                  var valid0 = !0;
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate86.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate86.errors = vErrors, errors === 0;
}
validate86.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var removeRow = validate87;
function validate87(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate87.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.projectId === void 0 && (missing0 = "projectId") || data.taskId === void 0 && (missing0 = "taskId") || data.serviceId === void 0 && (missing0 = "serviceId") || data.billable === void 0 && (missing0 = "billable"))
        return validate87.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "projectId" || key0 === "taskId" || key0 === "serviceId" || key0 === "billable")) {
            return validate87.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.projectId !== void 0) {
            let data0 = data.projectId, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate87.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate87.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.taskId !== void 0) {
              let data1 = data.taskId, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6 && errors === _errs6)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err0 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                } else {
                  let err1 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs8 = errors;
              if (data1 !== null) {
                let err2 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
              var _valid0 = _errs8 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err3 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate87.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.serviceId !== void 0) {
                let data2 = data.serviceId, _errs10 = errors;
                if (errors === _errs10 && errors === _errs10)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2))
                      return validate87.errors = [{ instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                  } else
                    return validate87.errors = [{ instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs10 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.billable !== void 0) {
                  let _errs12 = errors;
                  if (typeof data.billable != "boolean")
                    return validate87.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                  var valid0 = _errs12 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate87.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate87.errors = vErrors, errors === 0;
}
validate87.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var resumeTimer = validate88, schema99 = { type: "object", required: ["others"], properties: { others: { type: "string", enum: ["pause", "stop"] } }, additionalProperties: !1 };
function validate88(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate88.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.others === void 0 && (missing0 = "others"))
        return validate88.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "others") {
            return validate88.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.others !== void 0) {
          let data0 = data.others;
          if (typeof data0 != "string")
            return validate88.errors = [{ instancePath: instancePath + "/others", schemaPath: "#/properties/others/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
          if (!(data0 === "pause" || data0 === "stop"))
            return validate88.errors = [{ instancePath: instancePath + "/others", schemaPath: "#/properties/others/enum", keyword: "enum", params: { allowedValues: schema99.properties.others.enum }, message: "must be equal to one of the allowed values" }], !1;
        }
      }
    } else
      return validate88.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate88.errors = vErrors, errors === 0;
}
validate88.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var startTimer = validate89, schema100 = { type: "object", required: ["id", "projectId", "taskId", "serviceId", "note", "others"], properties: { id: { type: "string", format: "uuid" }, projectId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, taskId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, serviceId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, note: { type: "string", maxLength: 2e3 }, billable: { type: "boolean" }, startedAt: { type: "string", format: "date-time" }, others: { type: "string", enum: ["pause", "stop"] } }, additionalProperties: !1 };
function validate89(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate89.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.projectId === void 0 && (missing0 = "projectId") || data.taskId === void 0 && (missing0 = "taskId") || data.serviceId === void 0 && (missing0 = "serviceId") || data.note === void 0 && (missing0 = "note") || data.others === void 0 && (missing0 = "others"))
        return validate89.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "projectId" || key0 === "taskId" || key0 === "serviceId" || key0 === "note" || key0 === "billable" || key0 === "startedAt" || key0 === "others")) {
            return validate89.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate89.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate89.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.projectId !== void 0) {
              let data1 = data.projectId, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6 && errors === _errs6)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err0 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                } else {
                  let err1 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs8 = errors;
              if (data1 !== null) {
                let err2 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
              var _valid0 = _errs8 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err3 = { instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate89.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.taskId !== void 0) {
                let data2 = data.taskId, _errs10 = errors, _errs11 = errors, valid2 = !1, _errs12 = errors;
                if (errors === _errs12 && errors === _errs12)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2)) {
                      let err4 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                      vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                    }
                  } else {
                    let err5 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                  }
                var _valid1 = _errs12 === errors;
                valid2 = valid2 || _valid1;
                let _errs14 = errors;
                if (data2 !== null) {
                  let err6 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                }
                var _valid1 = _errs14 === errors;
                if (valid2 = valid2 || _valid1, valid2)
                  errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
                else {
                  let err7 = { instancePath: instancePath + "/taskId", schemaPath: "#/properties/taskId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate89.errors = vErrors, !1;
                }
                var valid0 = _errs10 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.serviceId !== void 0) {
                  let data3 = data.serviceId, _errs16 = errors, _errs17 = errors, valid3 = !1, _errs18 = errors;
                  if (errors === _errs18 && errors === _errs18)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3)) {
                        let err8 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                      }
                    } else {
                      let err9 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                    }
                  var _valid2 = _errs18 === errors;
                  valid3 = valid3 || _valid2;
                  let _errs20 = errors;
                  if (data3 !== null) {
                    let err10 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                  }
                  var _valid2 = _errs20 === errors;
                  if (valid3 = valid3 || _valid2, valid3)
                    errors = _errs17, vErrors !== null && (_errs17 ? vErrors.length = _errs17 : vErrors = null);
                  else {
                    let err11 = { instancePath: instancePath + "/serviceId", schemaPath: "#/properties/serviceId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate89.errors = vErrors, !1;
                  }
                  var valid0 = _errs16 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.note !== void 0) {
                    let data4 = data.note, _errs22 = errors;
                    if (errors === _errs22)
                      if (typeof data4 == "string") {
                        if (func2(data4) > 2e3)
                          return validate89.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                      } else
                        return validate89.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs22 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.billable !== void 0) {
                      let _errs24 = errors;
                      if (typeof data.billable != "boolean")
                        return validate89.errors = [{ instancePath: instancePath + "/billable", schemaPath: "#/properties/billable/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                      var valid0 = _errs24 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.startedAt !== void 0) {
                        let data6 = data.startedAt, _errs26 = errors;
                        if (errors === _errs26 && errors === _errs26)
                          if (typeof data6 == "string") {
                            if (!formats152.test(data6))
                              return validate89.errors = [{ instancePath: instancePath + "/startedAt", schemaPath: "#/properties/startedAt/format", keyword: "format", params: { format: "date-time" }, message: 'must match format "date-time"' }], !1;
                          } else
                            return validate89.errors = [{ instancePath: instancePath + "/startedAt", schemaPath: "#/properties/startedAt/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs26 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0)
                        if (data.others !== void 0) {
                          let data7 = data.others, _errs28 = errors;
                          if (typeof data7 != "string")
                            return validate89.errors = [{ instancePath: instancePath + "/others", schemaPath: "#/properties/others/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          if (!(data7 === "pause" || data7 === "stop"))
                            return validate89.errors = [{ instancePath: instancePath + "/others", schemaPath: "#/properties/others/enum", keyword: "enum", params: { allowedValues: schema100.properties.others.enum }, message: "must be equal to one of the allowed values" }], !1;
                          var valid0 = _errs28 === errors;
                        } else
                          var valid0 = !0;
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate89.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate89.errors = vErrors, errors === 0;
}
validate89.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  addRow,
  bringRows,
  changeEntries,
  changeEntry,
  changeTimer,
  createEntry,
  removeRow,
  resumeTimer,
  startTimer
};
